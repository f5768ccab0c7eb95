<?php

declare(strict_types=1);

namespace App\Suite\Http;

/** What a report of an agent has to look like, whether it comes by the net or on a stick. */
final class ReportRules
{
    /** The largest second that is believed: the end of the year 9999. */
    private const LAST_SECOND = 253_402_300_799;

    public const ALL = [
        'sequence' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
        'at' => ['required', 'integer', 'min:0', 'max:'.self::LAST_SECOND],
        'version' => ['required', 'string', 'max:40'],
        'number' => ['required', 'integer', 'min:0', 'max:2147483647'],
        'files' => ['present', 'array', 'max:50'],
        'files.*.application' => ['required', 'string', 'max:60'],
        'files.*.sha256' => ['present', 'nullable', 'string', 'regex:/\A[0-9a-f]{64}\z/'],
        'files.*.installed' => ['present', 'nullable', 'string', 'regex:/\A[0-9a-f]{64}\z/'],
        'files.*.held' => ['sometimes', 'nullable', 'string', 'max:20'],
        'files.*.loaded' => ['sometimes', 'nullable', 'boolean'],
        'files.*.says' => ['sometimes', 'nullable', 'string', 'max:300'],
        'running' => ['present', 'array', 'max:50'],
        'running.*' => ['string', 'max:60'],
        'copies' => ['present', 'array', 'max:500'],
        'copies.*.application' => ['required', 'string', 'max:60'],
        'copies.*.sha256' => ['required', 'string', 'regex:/\A[0-9a-f]{64}\z/'],
        'copies.*.taken_at' => ['required', 'integer', 'min:0', 'max:'.self::LAST_SECOND],
        'copies.*.bytes' => ['required', 'integer', 'min:0', 'max:2147483647'],
        'focus' => ['sometimes', 'nullable', 'array:application,context'],
        'focus.application' => ['required_with:focus', 'string', 'max:60'],
        'focus.context' => ['required_with:focus', 'string', 'max:100'],
    ];
}
