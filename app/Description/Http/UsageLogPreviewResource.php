<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Usage\LogSample;
use Zebrafinch\Core\Usage\UsageDays;
use Zebrafinch\Core\Usage\Uses;

/** A usage log as it looks, and what is read from it with the columns that are pointed at. */
final class UsageLogPreviewResource extends JsonAnswer
{
    private const MOST_UNKNOWN = 20;

    /**
     * @param  UsageDays|null  $read  null where nothing is pointed at yet, or it cannot be read so
     * @param  string|null  $problem  why it cannot be read so
     */
    public function __construct(
        private readonly LogSample $sample,
        private readonly ?UsageDays $read,
        private readonly ?string $problem,
        private readonly Application $application,
    ) {
        parent::__construct($sample);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'columns' => $this->sample->columns,
            'rows' => $this->sample->rows,
            'problem' => $this->problem,
            'read' => $this->read === null ? null : $this->told($this->read),
        ];
    }

    /** @return array<string, mixed> */
    private function told(UsageDays $read): array
    {
        $log = $read->named($this->application->commandLogged(...))->sum();
        [$byKey, $byMouse] = $log->totals();
        $unknown = array_values(
            array_map(
                static fn (Uses $one): string => $one->command,
                array_filter($log->all(), fn (Uses $one): bool => ! $this->application->knows($one->command)),
            ),
        );

        return [
            'days' => count($read->days()),
            'by_key' => $byKey,
            'by_mouse' => $byMouse,
            'known' => count($log->all()) - count($unknown),
            'unknown' => array_slice($unknown, 0, self::MOST_UNKNOWN),
        ];
    }
}
