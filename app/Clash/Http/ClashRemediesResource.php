<?php

declare(strict_types=1);

namespace App\Clash\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Remedy;
use Zebrafinch\Core\Focus\LoadedKeymap;

final class ClashRemediesResource extends JsonAnswer
{
    /** @param  list<Remedy>  $remedies */
    public function __construct(private readonly Clash $clash, private readonly array $remedies, private readonly LoadedKeymap $keymap)
    {
        parent::__construct($clash);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new Shapes($this->keymap->application, $this->keymap->seat);

        return ['clash' => $shapes->clash($this->clash), 'remedies' => array_map($shapes->remedy(...), $this->remedies)];
    }
}
