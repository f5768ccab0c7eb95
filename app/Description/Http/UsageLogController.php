<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\Describing;
use App\Description\HouseApplication;
use Zebrafinch\Core\Usage\LogSample;
use Zebrafinch\Core\Usage\UnreadableUsage;
use Zebrafinch\Core\Usage\UsageDays;

/** The usage log of an application of the house, pointed at until it can be read; nothing of it is stored. */
final readonly class UsageLogController
{
    public function __construct(private Describing $describing)
    {
    }

    public function __invoke(UsageLogRequest $request, HouseApplication $houseApplication): UsageLogPreviewResource
    {
        $csv = (string) $request->upload()->getContent();
        $columns = $request->columns();
        $read = $problem = null;
        try {
            $read = $columns === null ? null : UsageDays::fromCsv($csv, $columns, $houseApplication->slug);
        } catch (UnreadableUsage $error) {
            $problem = $error->getMessage();
        }

        return new UsageLogPreviewResource(LogSample::of($csv), $read, $problem, $this->describing->application($houseApplication));
    }
}
