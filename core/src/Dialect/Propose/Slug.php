<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/** Ids made of names. */
final readonly class Slug
{
    private const LETTERS = [
        'ä' => 'ae',
        'ö' => 'oe',
        'ü' => 'ue',
        'ß' => 'ss',
        'å' => 'aa',
        'ø' => 'oe',
        'æ' => 'ae',
        'é' => 'e',
        'è' => 'e',
        'ê' => 'e',
        'à' => 'a',
        'â' => 'a',
        'ç' => 'c',
        'î' => 'i',
        'ï' => 'i',
        'ô' => 'o',
        'û' => 'u',
        'ù' => 'u',
        'ñ' => 'n',
    ];

    public static function of(string $name): string
    {
        $words = (string) preg_replace('/(?<=[\p{Ll}\p{N}])(?=\p{Lu})/u', '-', $name);
        $plain = strtr(mb_strtolower($words), self::LETTERS);
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-');

        return $slug === '' ? 'x'.substr(hash('xxh32', $name), 0, 6) : substr($slug, 0, 90);
    }

    /**
     * One that is not taken yet.
     *
     * @param  array<string, mixed>  $taken  by id
     */
    public static function unlike(string $name, array $taken): string
    {
        $slug = self::of($name);
        for ($number = 2, $id = $slug; isset($taken[$id]); $number++) {
            $id = "{$slug}-{$number}";
        }

        return $id;
    }
}
