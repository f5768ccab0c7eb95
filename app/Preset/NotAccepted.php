<?php

declare(strict_types=1);

namespace App\Preset;

use App\Problems\HasExtension;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Refusal;

/** Something is wrong that nobody has accepted by name. */
final class NotAccepted extends Refusal implements HasExtension
{
    /** @var list<Problem> */
    private array $problems = [];

    /** @param  non-empty-list<Problem>  $problems */
    public static function all(array $problems): self
    {
        $count = count($problems);

        $error = new self(
            ($count === 1 ? 'One thing is' : "{$count} things are")." wrong: {$problems[0]->sentence}".($count === 1 ? '' : ' …'),
            'Mend it, or accept it by name and say why it goes out all the same.',
        );
        $error->problems = $problems;

        return $error;
    }

    public function kind(): string
    {
        return 'not-accepted';
    }

    public function extension(): array
    {
        return ['problems' => array_map(static fn (Problem $one): array => $one->toData(), $this->problems)];
    }
}
