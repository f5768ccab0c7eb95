<?php

declare(strict_types=1);

namespace App\Usage;

use App\Library\Library;
use Zebrafinch\Core\Usage\UsageColumns;

/**
 * Which columns of an application's own usage log say what.
 *
 * @phpstan-import-type ColumnsData from UsageColumns
 */
final readonly class LogColumns
{
    public static function of(Library $library, string $application): UsageColumns
    {
        /** @var ColumnsData $described valid against catalogues/schema/catalogue.schema.json */
        $described = $library->data($application)->catalogue['usage_log'] ?? [
            'day' => 'day',
            'command' => 'command',
            'key' => 'key',
            'mouse' => 'mouse',
        ];

        return UsageColumns::fromData($described);
    }
}
