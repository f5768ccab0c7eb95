<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\Json\JsonScanner;
use Zebrafinch\Core\Text\Json\JsonTokenKind;

/** JSON: members of objects and items of lists. Of equal names in one object every reader keeps the last. */
final readonly class JsonShape implements Shape
{
    public function walk(string $text): iterable
    {
        /** @var list<Part> $open */
        $open = [];
        foreach (JsonScanner::tokens($text) as $token) {
            if ($token->kind === JsonTokenKind::End) {
                $part = array_pop($open);
                if ($part !== null) {
                    $part->end = $token->at->from;
                    $part->to = $token->at->to;
                }
                if ($part !== null && $open !== []) {
                    yield Step::Out => $part;
                }

                continue;
            }
            $part = new Part($token->name, $token->nameAt, $token->line, $token->from);
            if ($token->kind === JsonTokenKind::Object || $token->kind === JsonTokenKind::List) {
                // The outermost value holds all others and is no part of anything.
                if ($open !== []) {
                    yield Step::In => $part;
                }
                $part->to = $part->end = $token->at->to;
                $part->isSeparated = true;
                $open[] = $part;
            } elseif ($open !== []) {
                $part->says($token->text, $token->at, $token->kind === JsonTokenKind::Text);
                yield Step::In => $part;
                yield Step::Out => $part;
            }
        }
    }

    public function written(string $value, string $old): string
    {
        $isBare = preg_match('/^(-?(0|[1-9]\d*)|true|false|null)$/D', $old) === 1;

        return $isBare && preg_match('/^(-?(0|[1-9]\d*)|true|false|null)$/D', $value) === 1
            ? $value
            : json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return $beside->name === null ? null : ', '.$this->written($name, '"').': '.$this->written($value, $isQuoted ? '"' : '0');
    }
}
