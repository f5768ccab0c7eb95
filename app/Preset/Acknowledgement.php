<?php

declare(strict_types=1);

namespace App\Preset;

use Zebrafinch\Core\Preset\Problem;

/** What somebody accepts by name before it goes out, and why. */
final readonly class Acknowledgement
{
    /**
     * @param  list<string>  $accepted  ids of problems
     * @param  string|null  $reason  null where nothing is accepted
     */
    public function __construct(public array $accepted, public ?string $reason)
    {
    }

    /**
     * @param  list<Problem>  $problems  all that is wrong
     *
     * @throws PresetRefused when it does not name each, or gives no reason
     */
    public function check(array $problems): void
    {
        $left = array_values(
            array_filter(
                $problems,
                fn (Problem $one): bool => $this->reason === null || ! in_array($one->id, $this->accepted, true),
            ),
        );
        if ($left !== []) {
            throw PresetRefused::notAccepted($left);
        }
    }
}
