<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Resources\Shapes;
use Zebrafinch\Core\Across\Stripes;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmonised;
use Zebrafinch\Core\Harmonise\Line;
use Zebrafinch\Core\Harmonise\RunnerUp;
use Zebrafinch\Core\Harmonise\Target;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\Importance;

/** What a harmonisation found, as it is told: the schema HarmonisedResult of docs/openapi.yaml. */
final readonly class ResultShape
{
    public function __construct(private Seat $seat, private Vocabulary $vocabulary, private Importance $importance)
    {
    }

    /**
     * @param  non-empty-list<LoadedKeymap>  $keymaps  as they were
     * @return array<string, mixed>
     */
    public function of(Harmonised $harmonised, array $keymaps): array
    {
        $changes = $harmonised->changes();
        $after = array_map(
            static fn (LoadedKeymap $one): LoadedKeymap => isset($changes[$one->application->id])
                ? $one->after($changes[$one->application->id])
                : $one,
            $keymaps,
        );

        return [
            'cost' => $harmonised->answer->cost,
            'bound' => $harmonised->answer->bound,
            'is_optimal' => $harmonised->answer->isOptimal,
            'gap' => $harmonised->answer->gap(),
            'agreement_before' => $this->agreement($keymaps),
            'agreement_after' => $this->agreement($after),
            'intents' => count($harmonised->kit->instance->intents),
            'slots' => count($harmonised->kit->targets),
            'chords' => count($harmonised->kit->instance->chords),
            'lines' => array_map($this->line(...), $harmonised->lines),
            'left' => array_map(fn (Target $one): array => [...$this->target($one), 'reason' => $one->left ?? ''], $harmonised->left),
        ];
    }

    /** @param  non-empty-list<LoadedKeymap>  $keymaps */
    private function agreement(array $keymaps): ?float
    {
        $stripes = new Stripes($keymaps, $this->vocabulary, $this->importance);

        return $stripes->overall($stripes->all());
    }

    /** @return list<array{dearer: float, reason: string}> rounded so that they add up to the rounded whole */
    private static function parts(RunnerUp $next): array
    {
        $parts = array_map(static fn (array $part): array => ['dearer' => round($part[0], 1), 'reason' => $part[1]], $next->parts);
        $parts[0]['dearer'] = round($parts[0]['dearer'] + round($next->dearer, 1) - array_sum(array_column($parts, 'dearer')), 1);

        return array_values(array_filter($parts, static fn (array $part): bool => $part['dearer'] !== 0.0)) ?: [$parts[0]];
    }

    /** @return array<string, mixed> */
    private function line(Line $line): array
    {
        $shapes = new Shapes($line->target->keymap->application, $this->seat);
        $next = $line->runnerUp;

        return [
            ...$this->target($line->target),
            'before' => $line->target->now === null ? null : $shapes->chord($line->target->now->chord),
            'after' => $line->chord === null ? null : $shapes->chord($line->chord),
            'displaced' => array_map(static fn (Binding $one): array => $shapes->binding($one), $line->displaced),
            'reasons' => $line->reasons,
            'runner_up' => $next === null
                    ? null
                    : [
                        'chord' => $next->chord === null ? null : $shapes->chord($next->chord),
                        'is_now' => $next->isNow,
                        'dearer' => round($next->dearer, 1),
                        'parts' => self::parts($next),
                    ],
        ];
    }

    /** @return array<string, mixed> */
    private function target(Target $target): array
    {
        $application = $target->keymap->application;

        return [
            'application' => Shapes::application($application),
            'command' => (new Shapes($application, $this->seat))->commandName($target->command),
            'intent' => ['id' => $target->intent->id, 'name' => $target->intent->name],
        ];
    }
}
