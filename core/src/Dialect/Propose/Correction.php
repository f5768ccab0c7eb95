<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;

/**
 * Something that somebody has said of a key file: what stands at a place, or what a word means.
 *
 * @phpstan-type CorrectionData array{says: string, line?: int, from?: int, to?: int, word?: string, means?: string}
 */
final readonly class Correction
{
    public const HEAD = 'head';

    public const WORD = 'word';

    /**
     * @param  string  $says  a role of {@see Role}, `head` for the name of a section, or `word`
     * @param  int  $line  counted from 1
     * @param  int  $from  character in the line, counted from 0
     * @param  int  $to  the one behind its end
     * @param  string  $word  as the file writes it
     * @param  string  $means  a modifier or a key code
     */
    private function __construct(
        public string $says,
        public int $line,
        public int $from,
        public int $to,
        public string $word,
        public string $means,
    ) {
    }

    /** @param  CorrectionData  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['says'],
            $data['line'] ?? 0,
            $data['from'] ?? 0,
            $data['to'] ?? 0,
            $data['word'] ?? '',
            $data['means'] ?? '',
        );
    }

    /** @param  list<self>  $corrections */
    public static function meanings(array $corrections): Meanings
    {
        $modifiers = [];
        $keys = [];
        foreach ($corrections as $one) {
            $modifier = $one->says === self::WORD ? Modifier::tryFrom($one->means) : null;
            $key = $one->says === self::WORD ? Key::tryFrom($one->means) : null;
            if ($modifier !== null) {
                $modifiers[$one->word] = $modifier;
            } elseif ($key !== null) {
                $keys[$one->word] = $key;
            }
        }

        return new Meanings($modifiers, $keys);
    }
}
