<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Http\UploadedFile;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Requests as nobody's page sends them: each keeps to the description of its route but for one value, or for all. */
final class Hostile
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @return array{
     *     uri: string,
     *     form: array<string, mixed>,
     *     files: array<string, mixed>,
     *     server: array<string, string>,
     *     body: string|null,
     *     told: string,
     * }
     */
    public function request(string $method, string $template): array
    {
        $operation = ApiDescription::document()['paths'][$template][strtolower($method)] ?? [];
        $told = [];
        $path = (string) preg_replace_callback(
            '/\{(\w+)\}/',
            function (array $name) use (&$told): string {
                $value = $this->one(self::IDS);
                $told[] = "{$name[1]}={$value}";

                return $this->one([rawurlencode($value), self::RIGHT[$name[1]] ?? '1', self::RIGHT[$name[1]] ?? '1']);
            },
            $template,
        );
        $query = [];
        foreach ($operation['parameters'] ?? [] as $parameter) {
            $name = $parameter['name'] ?? basename($parameter['$ref'] ?? '');
            if (($parameter['in'] ?? 'query') === 'query' && $this->random->getInt(0, 2) > 0) {
                $query[$name] = $this->value();
            }
        }
        $media = $operation['requestBody']['content'] ?? [];
        $properties = array_values($media)[0]['schema']['properties'] ?? [];
        $body = [];
        foreach (array_keys($properties) as $name) {
            if ($this->random->getInt(0, 5) > 0) {
                $body[$name] = $this->value();
            }
        }
        $uri = "/api{$path}".($query === [] ? '' : '?'.$this->encoded($query));
        $told[] = json_encode([$query, $body], JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        $server = ['HTTP_ACCEPT' => 'application/json'];
        if (isset($media['multipart/form-data'])) {
            $bytes = $this->one(self::FILES);

            return [
                'uri' => $uri,
                'form' => $this->asForm($body),
                'files' => ['file' => UploadedFile::fake()->createWithContent('a.keys', $bytes)],
                'server' => $server,
                'body' => null,
                'told' => mb_strimwidth(implode(' ', $told), 0, 300),
            ];
        }

        return [
            'uri' => $uri,
            'form' => [],
            'files' => [],
            'server' => $server + ['CONTENT_TYPE' => 'application/json'],
            'body' => $method === 'GET' ? null : (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'told' => mb_strimwidth(implode(' ', $told), 0, 300),
        ];
    }

    private const RIGHT = ['application' => 'cutloom', 'suite' => 'avocet', 'turn' => 'pause', 'sha256' => 'aa'];

    private const IDS = [
        'abc',
        '-1',
        '0',
        '2147483648',
        '9223372036854775808',
        '99999999999999999999',
        '1e400',
        "'",
        '..',
        '%',
        'é',
        ' ',
        '1',
    ];

    private const FILES = [
        '',
        "\0\0\0",
        "\xFF\xFE",
        '{',
        '[]',
        '[[[[',
        '<a',
        '<?xml',
        "a\tb\tc",
        "command,action\nplay,1",
        "\xC3\x28",
        '{"a": 1e400}',
    ];

    /** The same with one value in it, however deep, of another kind or length. */
    public function spoiled(mixed $data): mixed
    {
        if (! is_array($data) || $data === [] || $this->random->getInt(0, 5) === 0) {
            return $this->value();
        }
        $keys = array_keys($data);
        $key = $this->one($keys);
        $data[$key] = $this->spoiled($data[$key]);

        return $data;
    }

    private function value(): mixed
    {
        return $this->one([
            null,
            true,
            false,
            0,
            -1,
            1,
            2147483647,
            2147483648,
            9007199254740991,
            -2147483649,
            1.5,
            1e308,
            '',
            ' ',
            'a',
            '0',
            '-1',
            '1e400',
            'KeyA',
            'Primary+KeyB',
            'cutloom',
            'everywhere',
            'timeline',
            'split-at-playhead',
            'avocet',
            "'; drop table users; --",
            '<script>',
            str_repeat('a', 300),
            str_repeat('é', 5000),
            "\u{202E}\u{0301}",
            "line\nline",
            '%00',
            '../../etc/passwd',
            '2026-02-30',
            '9999-12-31',
            [],
            [[]],
            ['a'],
            [1, 2, 3],
            ['a' => 'b'],
            [null],
            [['a' => [['b' => []]]]],
            array_fill(0, 300, 'x'),
            ['id' => 1],
            ['chord' => 1],
            [['chord' => 'KeyA', 'command' => 'x', 'context' => [], 'gesture' => 'tap']],
            ['removed' => 'x', 'added' => 1],
        ]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private function asForm(array $values): array
    {
        return array_map(static fn (mixed $value): mixed => is_scalar($value) ? (string) $value : $value, $values);
    }

    /** @param  array<string, mixed>  $query */
    private function encoded(array $query): string
    {
        return http_build_query(
            array_map(static fn (mixed $value): mixed => is_bool($value) ? ($value ? 'true' : 'false') : $value, $query),
        );
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
