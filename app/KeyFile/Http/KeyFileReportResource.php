<?php

declare(strict_types=1);

namespace App\KeyFile\Http;

use App\KeyFile\ReadKeyFile;
use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Change;

/** What was understood of a key file, line by line, and what it says otherwise than the factory keymap. */
final class KeyFileReportResource extends JsonAnswer
{
    /** Longer lines are shown cut. In columns. */
    private const MOST_SHOWN = 300;

    public function __construct(private readonly ReadKeyFile $file, private readonly Library $library, private readonly Seat $seat)
    {
        parent::__construct($file);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $application = $this->file->application;
        $shapes = new Shapes($application, $this->seat);
        $findings = LoadingFindings::withReading($this->file->read, $application);
        $change = Change::between($this->library->factoryBindings($application), $this->file->read->bindings());

        return [
            'id' => $this->file->stored->id,
            'name' => $this->file->stored->name,
            'application' => Shapes::application($application),
            'lines' => $this->file->read->lineCount(),
            'removed' => $this->file->removed,
            'bindings_read' => count($this->file->read->entries),
            'would_be_refused' => in_array(FindingKind::Refused, array_column($findings, 'kind'), true),
            'findings' => array_map(
                static fn (Finding $finding): array => [
                    'kind' => $finding->kind->value,
                    'line' => $finding->line,
                    'text' => mb_strimwidth($finding->text, 0, self::MOST_SHOWN, '…'),
                    'sentence' => $finding->sentence,
                ],
                $findings,
            ),
            'against_factory' => [
                'added' => array_map($shapes->binding(...), $change->added),
                'removed' => array_map($shapes->binding(...), $change->removed),
            ],
        ];
    }
}
