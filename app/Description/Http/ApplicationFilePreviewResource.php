<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\HouseApplication;
use App\Library\ApplicationData;
use App\Preset\Signer;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** What a file of an application would add or change here. */
final class ApplicationFilePreviewResource extends JsonAnswer
{
    /** @param  array{data: ApplicationData, file_name: string, systems: list<string>, signer: Signer}  $read */
    public function __construct(private readonly array $read, private readonly ?HouseApplication $here)
    {
        parent::__construct($read);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $data = $this->read['data'];
        $there = self::ids($data->catalogue);
        $here = $this->here === null ? [] : self::ids($this->here->catalogue);

        return [
            'slug' => $data->id,
            'name' => $data->catalogue['name'] ?? $data->id,
            'signer' => $this->read['signer']->value,
            'is_new' => $this->here === null,
            'commands' => count($there),
            'commands_new' => count(array_diff($there, $here)),
            'commands_gone' => count(array_diff($here, $there)),
            'changes_key_file' => $this->here !== null && $this->here->factory() !== $data->factory,
            'changes_description' => $this->here !== null && $this->here->dialect !== $data->dialect,
        ];
    }

    /**
     * @param  array<mixed>  $catalogue
     * @return list<string>
     */
    private static function ids(array $catalogue): array
    {
        return array_values(array_filter(array_column((array) ($catalogue['commands'] ?? []), 'id'), is_string(...)));
    }
}
