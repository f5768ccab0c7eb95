<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Usage\UsageColumns;

/**
 * A usage log to point at, with what was pointed at so far.
 *
 * @phpstan-import-type ColumnsData from UsageColumns
 */
final class UsageLogRequest extends FormRequest
{
    use TakesFile;

    private const MOST_KILOBYTES = 2_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES],
            'usage_log' => ['sometimes', 'array'],
            ...LogColumnRules::ALL,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => 'The log is larger than is needed to point at: leave out older days.', 'file' => 'Choose a usage log.'];
    }

    public function columns(): ?UsageColumns
    {
        /** @var ColumnsData|null $data as the rules leave it */
        $data = $this->validated('usage_log');

        return $data === null ? null : UsageColumns::fromData($data);
    }
}
