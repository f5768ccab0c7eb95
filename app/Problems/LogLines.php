<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Database\QueryException;
use Illuminate\Log\Logger;
use Illuminate\Support\Facades\Context;
use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\FormattableHandlerInterface;
use Monolog\LogRecord;
use Throwable;

/**
 * How the log is written: a JSON object a line, with the request it belongs to. Of an error it says what, where and through which calls,
 * and of a query that failed its state alone: the values in it may be anybody's.
 */
final readonly class LogLines
{
    private const MOST_CALLS = 12;

    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        if (! ($monolog instanceof \Monolog\Logger)) {
            return;
        }
        foreach ($monolog->getHandlers() as $handler) {
            if ($handler instanceof FormattableHandlerInterface) {
                $handler->setFormatter(new JsonFormatter());
            }
        }
        $monolog->pushProcessor(static function (LogRecord $record): LogRecord {
            $error = $record->context['exception'] ?? null;

            return $record->with(
                message: $error instanceof Throwable ? self::messageOf($error) : $record->message,
                context: $error instanceof Throwable ? ['error' => self::told($error)] : $record->context,
                extra: array_filter(['request' => Context::get('request')]),
            );
        });
    }

    /** @return array<string, mixed> */
    private static function told(Throwable $error): array
    {
        $calls = array_slice($error->getTrace(), 0, self::MOST_CALLS);

        return [
            'class' => $error::class,
            'at' => self::position($error->getFile(), $error->getLine()),
            'calls' => array_map(
                static fn (array $call): string => ($call['class'] ?? '').
                    ($call['type'] ?? '').
                    $call['function'].
                    ' '.
                    self::position($call['file'] ?? '', $call['line'] ?? 0),
                $calls,
            ),
            'because' => $error->getPrevious() === null ? null : self::messageOf($error->getPrevious()),
        ];
    }

    private static function messageOf(Throwable $error): string
    {
        return match (true) {
            $error instanceof QueryException => 'The database refused a query: SQLSTATE '.$error->getCode(),
            $error instanceof \PDOException => 'The database refused: SQLSTATE '.$error->getCode(),
            default => $error->getMessage(),
        };
    }

    private static function position(string $file, int $line): string
    {
        return str_replace(base_path().'/', '', $file).":{$line}";
    }
}
