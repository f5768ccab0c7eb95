<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Xml;

use XMLReader;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;

/**
 * Finds the tags of an XML text with their byte offsets, which no XML library tells.
 * The text is parsed by libxml first, so that here only well-formed text needs to be understood.
 */
final readonly class XmlScanner
{
    private const MARKUP = '~<!--.*?-->|<!\[CDATA\[.*?\]\]>|<\?.*?\?>|'.
        '<(?<close>/)?(?<name>[^\s/>!?]+)(?<rest>(?:[^>"\']|"[^"]*"|\'[^\']*\')*?)(?<single>/)?>~s';

    private const ATTRIBUTE = '~(?<name>[^\s=]+)\s*=\s*(?:"(?<double>[^"]*)"|\'(?<simple>[^\']*)\')~s';

    /**
     * @return list<XmlToken>
     *
     * @throws MalformedText
     */
    public static function tags(string $bytes): array
    {
        self::requireWellFormed($bytes);
        preg_match_all(self::MARKUP, $bytes, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $tags = [];
        $line = 1;
        $counted = 0;
        foreach ($found as $match) {
            $name = $match['name'][0] ?? null;
            if ($name === null) {
                continue;
            }
            [$text, $offset] = $match[0];
            $line += Lines::ends(substr($bytes, $counted, $offset - $counted));
            $counted = $offset;
            $kind = match (true) {
                isset($match['close'][0]) => XmlTokenKind::Close,
                isset($match['single'][0]) => XmlTokenKind::Single,
                default => XmlTokenKind::Open,
            };
            $tags[] = new XmlToken(
                $kind,
                $name,
                self::attributes($match['rest'][0] ?? '', $match['rest'][1]),
                new Span($offset, $offset + strlen((string) $text)),
                $line,
            );
        }

        return $tags;
    }

    /** @return array<string, array{value: string, at: Span}> */
    private static function attributes(string $text, int $offset): array
    {
        preg_match_all(self::ATTRIBUTE, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $attributes = [];
        foreach ($found as $match) {
            [$raw, $at] = isset($match['double'][0]) ? $match['double'] : $match['simple'] ?? ['', 0];
            $attributes[(string) $match['name'][0]] = [
                'value' => html_entity_decode((string) $raw, ENT_XML1 | ENT_QUOTES, 'UTF-8'),
                'at' => new Span($offset + $at, $offset + $at + strlen((string) $raw)),
            ];
        }

        return $attributes;
    }

    /** @throws MalformedText */
    private static function requireWellFormed(string $bytes): void
    {
        if (preg_match('/<!DOCTYPE/i', $bytes, $found, PREG_OFFSET_CAPTURE) === 1) {
            throw MalformedText::documentType(Lines::at($bytes, $found[0][1]));
        }
        if (
            preg_match('/^(?:\xEF\xBB\xBF)?<\?xml[^>]*encoding\s*=\s*["\'](?<encoding>[^"\']+)/', $bytes, $declared) === 1 &&
            ! in_array(strtoupper($declared['encoding']), ['UTF-8', 'US-ASCII'], true)
        ) {
            throw MalformedText::encoding($declared['encoding']);
        }
        $before = libxml_use_internal_errors(true);
        try {
            libxml_clear_errors();
            $reader = XMLReader::XML($bytes, null, LIBXML_NONET);
            while ($reader instanceof XMLReader && $reader->read());
            $error = libxml_get_last_error();
            if ($error !== false) {
                throw MalformedText::at(max(1, $error->line), rtrim(trim($error->message), '.'));
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }
}
