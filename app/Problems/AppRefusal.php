<?php

declare(strict_types=1);

namespace App\Problems;

use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Zebrafinch\Core\Refusal;

/**
 * A refusal of the application. Each feature has one class of these, whose named constructors own the sentences, the kind that the page and
 * tests know it by, and the HTTP status.
 *
 *     throw SuiteRefused::nobodySits($suite);
 */
abstract class AppRefusal extends Refusal implements HttpExceptionInterface
{
    private string $kind = '';

    private int $status = 422;

    /** @var array<string, mixed> */
    private array $extension = [];

    /** @var array<string, string> */
    private array $headers = [];

    final protected static function because(string $kind, int $status, string $message, string $remedy, ?string $where = null): static
    {
        $refusal = new static($message, $remedy, $where);
        $refusal->kind = $kind;
        $refusal->status = $status;

        return $refusal;
    }

    /** @param  array<string, mixed>  $extension  further members of the problem (RFC 9457, 3.2) */
    final protected function with(array $extension): static
    {
        $this->extension = $extension;

        return $this;
    }

    final protected function after(int $seconds): static
    {
        $this->headers = ['Retry-After' => (string) $seconds];

        return $this;
    }

    final public function kind(): string
    {
        return $this->kind;
    }

    /** @return array<string, mixed> */
    final public function extension(): array
    {
        return $this->extension;
    }

    final public function getStatusCode(): int
    {
        return $this->status;
    }

    /** @return array<string, string> */
    final public function getHeaders(): array
    {
        return $this->headers;
    }
}
