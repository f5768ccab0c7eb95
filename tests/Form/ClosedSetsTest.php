<?php

declare(strict_types=1);

use Symfony\Component\Yaml\Yaml;

/** @return array<string, array<mixed>> the schemas of the API description, by name */
function schemasOfTheApi(): array
{
    static $schemas;

    return $schemas ??= Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml')['components']['schemas'];
}

/** @return array<string, array<string, list<string>>> values of the enums of the code, by short name and class */
function enumsOfTheCode(): array
{
    $root = dirname(__DIR__, 2);
    $enums = [];
    $core = glob("{$root}/core/src/{*,*/*}/*.php", GLOB_BRACE) ?: [];
    $app = glob("{$root}/app/{*,*/Http}/*.php", GLOB_BRACE) ?: [];
    foreach ([...$core, ...$app] as $path) {
        $text = (string) file_get_contents($path);
        if (preg_match('/^namespace ([\w\\\\]+);.*^enum (\w+): string/ms', $text, $found) === 1) {
            $class = "{$found[1]}\\{$found[2]}";
            $enums[$found[2]][$class] = array_column($class::cases(), 'value');
        }
    }

    return $enums;
}

/** @return list<list<string>> every list of allowed words in the description that stands within something else */
function listsWithinSchemas(mixed $part, int $depth = 0): array
{
    if (! is_array($part)) {
        return [];
    }
    $found = $depth > 1 && is_array($part['enum'] ?? null) ? [$part['enum']] : [];
    foreach ($part as $member) {
        array_push($found, ...listsWithinSchemas($member, $depth + 1));
    }

    return $found;
}

test('a closed set that the API names is an enum of the code by the same name, with the same words', function () {
    $named = array_filter(schemasOfTheApi(), static fn (array $schema): bool => isset($schema['enum']));
    $enums = enumsOfTheCode();
    $wrong = [];
    foreach ($named as $name => $schema) {
        // The names of typing classes stand beside what a typing class is.
        if (! in_array($schema['enum'], $enums[(string) preg_replace('/Id$/', '', $name)] ?? [], true)) {
            $wrong[$name] = $schema['enum'];
        }
    }
    expect($wrong)->toBe([])->and(count($named))->toBeGreaterThan(25);
});

test('no list of words within a schema says an enum of the code again', function () {
    $again = [];
    $sorted = static function (array $words): array {
        sort($words);

        return $words;
    };
    $enums = array_map($sorted, array_merge(...array_map(array_values(...), array_values(enumsOfTheCode()))));
    $api = Yaml::parseFile(dirname(__DIR__, 2).'/docs/openapi.yaml');
    foreach ([...listsWithinSchemas($api['components']['schemas']), ...listsWithinSchemas($api['paths'])] as $words) {
        // With null among them they are not the set itself.
        if (! in_array(null, $words, true) && in_array($sorted($words), $enums, true)) {
            $again[] = implode(', ', $words);
        }
    }
    expect(array_unique($again))->toBe([]);
});
