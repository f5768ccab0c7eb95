<?php

declare(strict_types=1);

namespace Standins;

/** The little world that commands act on: a strip of clips, a playhead, marks, markers. Times in frames. */
final class Strip
{
    private const LENGTH = 480;

    public int $playhead = 120;

    public ?int $markIn = null;

    public ?int $markOut = null;

    /** @var list<int> */
    public array $markers = [60];

    public string $running = 'stopped';

    /** @var list<int> */
    public array $keyframes = [40, 200];

    public int $tracks = 1;

    public string $tool = 'selecting tool';

    /** The tool that a held key lends, until the next press. */
    public ?string $borrowed = null;

    /** @var list<array{name: string, from: int, to: int, off: bool}> */
    public array $clips = [
        ['name' => 'Platform, wide', 'from' => 0, 'to' => 160, 'off' => false],
        ['name' => 'Guard with lamp', 'from' => 160, 'to' => 300, 'off' => false],
        ['name' => 'Corridor', 'from' => 300, 'to' => 480, 'off' => false],
    ];

    /** @var list<string> what lies beside the strip, and can be destroyed */
    public array $things = [
        'bin item',
        'grade',
        'node',
        'mastering pass',
        'fades',
        'channel setting',
        'automation',
        'sound wave',
        'shape',
        'point',
        'track',
    ];

    private const MOST_STEPS = 40;

    /** @var list<array<string, mixed>> states before each change, for undo */
    private array $past = [];

    /** @var list<array<string, mixed>> states that were undone, for redo */
    private array $ahead = [];

    /** What comes back with undo; where somebody looks, and what runs, does not. */
    private const UNDONE = ['clips', 'markIn', 'markOut', 'markers', 'keyframes', 'tracks', 'things'];

    public function undo(): string
    {
        $state = array_pop($this->past);
        if ($state === null) {
            return 'There is nothing to undo.';
        }
        $this->ahead[] = $this->state();
        $this->bring($state);

        return 'The last change is undone.';
    }

    public function redo(): string
    {
        $state = array_pop($this->ahead);
        if ($state === null) {
            return 'There is nothing to redo.';
        }
        $this->past[] = $this->state();
        $this->bring($state);

        return 'The change is made again.';
    }

    /** Everything as it was at the beginning. */
    public function revert(): string
    {
        $this->remember();
        $this->bring((new self())->state());

        return 'All of it is as it was saved.';
    }

    /** Destroys something that lies beside the strip. */
    public function lose(string $thing): string
    {
        if (! in_array($thing, $this->things, true)) {
            return "There is no {$thing} any more.";
        }
        $this->remember();
        $this->things = array_values(array_diff($this->things, [$thing]));

        return "The {$thing} is gone.";
    }

    /** The marker next to the playhead. */
    public function removeMarker(): string
    {
        if ($this->markers === []) {
            return 'There is no marker.';
        }
        $this->remember();
        $near = $this->markers;
        usort($near, fn (int $one, int $other): int => abs($one - $this->playhead) <=> abs($other - $this->playhead));
        $this->markers = array_values(array_diff($this->markers, [$near[0]]));

        return "The marker at frame {$near[0]} is gone.";
    }

    public function clearMarks(): string
    {
        $this->remember();
        $this->markIn = null;
        $this->markOut = null;

        return 'Both marks are gone.';
    }

    public function removeTracks(): string
    {
        $this->remember();
        $this->tracks = 1;

        return 'The empty tracks are gone; one track is left.';
    }

    /** What lies under the playhead is replaced, or covered from there on. */
    public function cover(string $name): string
    {
        $index = $this->underPlayhead();
        $this->remember();
        if ($index === null) {
            $this->clips[] = [
                'name' => $name,
                'from' => $this->playhead,
                'to' => min(self::LENGTH, $this->playhead + 50),
                'off' => false,
            ];

            return "\"{$name}\" lies at the playhead.";
        }
        $covered = $this->clips[$index]['name'];
        $this->clips[$index] = ['name' => $name] + $this->clips[$index];

        return "\"{$name}\" lies where \"{$covered}\" was.";
    }

    /** The gap at the playhead, or the next one behind it. */
    public function closeGap(): string
    {
        usort($this->clips, static fn (array $one, array $other): int => $one['from'] <=> $other['from']);
        $end = 0;
        foreach ($this->clips as $index => $clip) {
            $gap = $clip['from'] - $end;
            if ($gap > 0 && $clip['from'] > $this->playhead) {
                $this->remember();
                foreach (array_keys($this->clips) as $later) {
                    if ($later >= $index) {
                        $this->clips[$later]['from'] -= $gap;
                        $this->clips[$later]['to'] -= $gap;
                    }
                }

                return "The gap of {$gap} frames is closed.";
            }
            $end = $clip['to'];
        }

        return 'There is no gap.';
    }

    public function letGo(): string
    {
        $lent = $this->borrowed;
        $this->borrowed = null;

        return $lent === null ? 'Nothing was borrowed.' : "The {$lent} is given back: the {$this->tool} is in hand again.";
    }

    private function remember(): void
    {
        $this->past = array_slice([...$this->past, $this->state()], -self::MOST_STEPS);
        $this->ahead = [];
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        $state = [];
        foreach (self::UNDONE as $part) {
            $state[$part] = $this->{$part};
        }

        return $state;
    }

    /** @param  array<string, mixed>  $state */
    private function bring(array $state): void
    {
        foreach ($state as $part => $value) {
            $this->{$part} = $value;
        }
    }

    public function move(int $frames): string
    {
        $this->playhead = max(0, min(self::LENGTH, $this->playhead + $frames));

        return 'The playhead is at frame '.$this->playhead.'.';
    }

    public function goTo(int $frame): string
    {
        return $this->move($frame - $this->playhead);
    }

    public function run(string $how): string
    {
        $this->running = $how;

        return ucfirst($how).'.';
    }

    public function split(): string
    {
        foreach ($this->clips as $index => $clip) {
            if ($clip['from'] < $this->playhead && $this->playhead < $clip['to']) {
                $this->remember();
                array_splice($this->clips, $index, 1, [
                    ['to' => $this->playhead] + $clip,
                    ['from' => $this->playhead, 'name' => $clip['name'].' (2)'] + $clip,
                ]);

                return "\"{$clip['name']}\" is two clips now, cut at frame {$this->playhead}.";
            }
        }

        return 'There is no clip to cut under the playhead, or it is cut there already.';
    }

    public function join(): string
    {
        for ($index = 1; $index < count($this->clips); $index++) {
            if ($this->clips[$index]['from'] === $this->playhead && $this->clips[$index - 1]['to'] === $this->playhead) {
                $this->remember();
                $this->clips[$index - 1]['to'] = $this->clips[$index]['to'];
                array_splice($this->clips, $index, 1);

                return "The clips on both sides of frame {$this->playhead} are one again.";
            }
        }

        return 'There is no cut at the playhead.';
    }

    public function remove(bool $close): string
    {
        $index = $this->underPlayhead();
        if ($index === null) {
            return 'There is no clip under the playhead.';
        }
        $this->remember();
        [$gone] = array_splice($this->clips, $index, 1);
        if ($close) {
            $length = $gone['to'] - $gone['from'];
            foreach (array_keys($this->clips) as $later) {
                if ($this->clips[$later]['from'] >= $gone['to']) {
                    $this->clips[$later]['from'] -= $length;
                    $this->clips[$later]['to'] -= $length;
                }
            }
        }

        return "\"{$gone['name']}\" is gone".($close ? ', and the gap is closed.' : ', and its gap stays.');
    }

    public function toggle(): string
    {
        $index = $this->underPlayhead();
        if ($index === null) {
            return 'There is no clip under the playhead.';
        }
        $this->remember();
        $this->clips[$index]['off'] = ! $this->clips[$index]['off'];

        return "\"{$this->clips[$index]['name']}\" is ".($this->clips[$index]['off'] ? 'off.' : 'on.');
    }

    public function mark(string $end, ?int $frame): string
    {
        $this->remember();
        $end === 'in' ? ($this->markIn = $frame) : ($this->markOut = $frame);

        return $frame === null ? "The {$end} mark is gone." : "The {$end} mark is at frame {$frame}.";
    }

    public function addMarker(): string
    {
        $this->remember();
        $this->markers = array_values(array_unique([...$this->markers, $this->playhead]));
        sort($this->markers);

        return "There is a marker at frame {$this->playhead}.";
    }

    public function addKeyframe(): string
    {
        $this->remember();
        $this->keyframes = array_values(array_unique([...$this->keyframes, $this->playhead]));
        sort($this->keyframes);

        return "There is a keyframe at frame {$this->playhead}.";
    }

    public function removeKeyframe(): string
    {
        $this->remember();
        $left = array_values(array_diff($this->keyframes, [$this->playhead]));
        $did =
            count($left) < count($this->keyframes)
                ? "The keyframe at frame {$this->playhead} is gone."
                : 'There is no keyframe at the playhead.';
        $this->keyframes = $left;

        return $did;
    }

    public function addTrack(): string
    {
        $this->remember();
        $this->tracks++;

        return "There are {$this->tracks} tracks now.";
    }

    public function take(string $tool): string
    {
        $this->tool = $tool;

        return "The {$tool} is in hand.";
    }

    public function borrow(string $tool): string
    {
        $this->borrowed = $tool;

        return "The {$tool} is in hand while the key is down; then it is the {$this->tool} again.";
    }

    /** To the next cut, marker or keyframe, or to the one before. */
    public function jump(string $to, int $direction): string
    {
        $frames = match ($to) {
            'marker' => $this->markers,
            'keyframe' => $this->keyframes,
            default => array_merge(array_column($this->clips, 'from'), array_column($this->clips, 'to')),
        };
        $ahead = array_filter($frames, fn (int $frame): bool => ($frame <=> $this->playhead) === $direction);
        if ($ahead === []) {
            return "There is no {$to} in that direction.";
        }

        return $this->goTo($direction > 0 ? min($ahead) : max($ahead));
    }

    private function underPlayhead(): ?int
    {
        foreach ($this->clips as $index => $clip) {
            if ($clip['from'] <= $this->playhead && $this->playhead < $clip['to']) {
                return $index;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'playhead' => $this->playhead,
            'mark_in' => $this->markIn,
            'mark_out' => $this->markOut,
            'markers' => $this->markers,
            'running' => $this->running,
            'clips' => $this->clips,
            'keyframes' => $this->keyframes,
            'tracks' => $this->tracks,
            'things' => $this->things,
            'tool' => $this->borrowed ?? $this->tool,
            'is_borrowed' => $this->borrowed !== null,
        ];
    }
}
