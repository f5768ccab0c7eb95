<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Locator;

/**
 * What a proposal says of each part of a description, in words, and how sure it is.
 *
 * @phpstan-import-type DescriptionData from \Zebrafinch\Core\Dialect\Description
 * @phpstan-import-type ShapeData from \Zebrafinch\Core\Dialect\Description
 */
final readonly class Certainties
{
    private const ALL = 100;

    /**
     * @param  DescriptionData  $data
     * @return list<Certainty>
     */
    public static function of(Candidate $best, array $data): array
    {
        $count = $best->group->count;
        $spelling = $data['spelling'];
        $words = [];
        foreach (($spelling['modifiers']['words'] ?? []) + ($spelling['modifiers']['bits'] ?? []) as $word => $modifier) {
            $words[] = "{$word} for ".($modifier === 'Primary' ? 'the primary key' : $modifier);
        }
        $isSum = isset($spelling['modifiers']['bits']);

        return [
            new Certainty('shape', $count > 3 ? 95 : 60, self::shape($best->shape, $count)),
            new Certainty(
                'chord',
                (int) round(self::ALL * $best->chords->share),
                'The chord stands '.self::whereabouts($best->chords->used[0]).'.',
            ),
            new Certainty(
                'command',
                (int) round(self::ALL * min(1, $best->command->distinct() / max(1, count($best->command->texts())) + 0.4)),
                'What runs stands '.self::whereabouts($best->command).'.',
            ),
            new Certainty(
                'context',
                $best->context === null ? 50 : 90,
                $best->context === null
                    ? 'The file names no context: everything is for everywhere.'
                    : 'The context stands '.self::whereabouts($best->context).'; there are '.$best->context->distinct().'.',
            ),
            new Certainty(
                'spelling',
                $isSum ? 40 : (int) round(self::ALL * $best->chords->share),
                $words === []
                    ? 'No word for a modifier was seen.'
                    : ($isSum ? 'Modifiers are a sum of numbers; which is which is a guess: ' : 'It writes ').
                        implode(', ', $words).
                        '.',
            ),
        ];
    }

    /** @param  ShapeData  $shape */
    private static function shape(array $shape, int $count): string
    {
        $name = match ($shape['kind']) {
            'lines' => 'lines with “'.
                ($shape['between'] ?? '=').
                '” between a name and a value'.
                (isset($shape['section']) ? ', in sections' : ''),
            'table' => 'a table'.(isset($shape['header']) ? ' with a row of names' : ''),
            'elements' => isset($shape['name_element']) ? 'XML, with names before their values' : 'XML',
            'calls' => 'calls with arguments',
            default => ($shape['syntax'] ?? '') === 'yaml' ? 'YAML' : 'JSON',
        };

        return "The file is {$name}; {$count} parts of it are alike.";
    }

    private static function whereabouts(Slot $slot): string
    {
        $locator = $slot->locator;
        $name = $slot->label === '' || in_array($slot->label, [Locator::EACH, Locator::ONLY], true) ? '' : " “{$slot->label}”";
        $before = $locator->before === '' ? '' : ", before “{$locator->before}”";

        return match (true) {
            $locator->up > 0 => "around it{$name}",
            $slot->isList() => "in a list{$name}, so that there may be several",
            $name !== '' && ctype_digit(trim($slot->label)) => "in place {$slot->label}",
            $name !== '' => "in{$name}",
            $locator->isName => 'first',
            default => 'behind it',
        }.$before;
    }
}
