<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** Holds answers against docs/openapi.yaml (OpenAPI 3.1, whose schemas are JSON Schema 2020-12). */
final class ApiDescription
{
    private const ID = 'https://zebrafinch.example/openapi.json';

    private static ?Validator $validator = null;

    /** @var array<string, mixed>|null read once: it is long */
    private static ?array $document = null;

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return self::$document ??= Yaml::parseFile(dirname(__DIR__).'/docs/openapi.yaml');
    }

    public static function check(string $method, string $path, TestResponse $response): void
    {
        $description = self::operation(strtolower($method), $path);
        if ($description === null || in_array($response->getStatusCode(), [204, 304], true)) {
            return;
        }
        $media = array_keys($description['responses'][(string) $response->getStatusCode()]['content'] ?? []);
        if ($response->getStatusCode() < 400 && $media !== [] && $media !== ['application/json']) {
            $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
            Assert::assertContains($type, $media, "{$method} {$path}");
            if ($type !== 'application/json') {
                return;
            }
        }
        $schema = $response->getStatusCode() >= 400 ? 'Problem' : self::schemaOf($description, $response->getStatusCode());
        Assert::assertNotNull($schema, "docs/openapi.yaml has no answer {$response->getStatusCode()} for {$method} {$path}");
        $result = self::validator()->validate(json_decode((string) $response->getContent()), self::ID."#/components/schemas/{$schema}");
        $error = $result->error();
        Assert::assertNull(
            $error,
            $error === null ? '' : "{$method} {$path} against {$schema}: ".json_encode((new ErrorFormatter())->format($error)),
        );
    }

    /** @return array<string, mixed>|null */
    private static function operation(string $method, string $path): ?array
    {
        foreach (self::document()['paths'] as $template => $operations) {
            $pattern = '~^/api'.preg_replace('~\\\\{\w+\\\\}~', '[^/]+', preg_quote($template, '~')).'$~';
            if (preg_match($pattern, $path) === 1 && isset($operations[$method])) {
                return $operations[$method];
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $operation */
    private static function schemaOf(array $operation, int $status): ?string
    {
        $reference = $operation['responses'][(string) $status]['content']['application/json']['schema']['$ref'] ?? null;

        return $reference === null ? null : basename($reference);
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->resolver()?->registerRaw(json_decode((string) json_encode(self::document())), self::ID);
        }

        return self::$validator;
    }

    /** @return array<string, Route> by `METHOD /path` below /api */
    public static function routes(): array
    {
        $routes = [];
        foreach (Routes::getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                if (str_starts_with($route->uri(), 'api/') && ! $route->isFallback) {
                    $routes["{$method} /".substr($route->uri(), 4)] = $route;
                }
            }
        }

        return $routes;
    }
}
