<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Preset\Problem;

final class DryRunResource extends JsonAnswer
{
    /**
     * @param  array<array<string, mixed>>  $suites
     * @param  list<Problem>  $problems
     */
    public function __construct(private readonly array $suites, private readonly array $problems)
    {
        parent::__construct($suites);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['suites' => $this->suites, 'problems' => array_map(static fn (Problem $one): array => $one->toData(), $this->problems)];
    }
}
