<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\Describing;
use App\Description\HouseApplication;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\Propose\Contested;
use Zebrafinch\Core\Dialect\Propose\LineMark;
use Zebrafinch\Core\Dialect\Propose\MarkedLine;
use Zebrafinch\Core\Dialect\Propose\Marking;

/** An application of the house as it is described so far, with a stretch of its key file and all that was understood marked on it. */
final class HouseApplicationResource extends JsonAnswer
{
    /** Lines of the key file, and commands, that are given at once. */
    private const AT_ONCE = 120;

    private const MOST_SHOWN = 400;

    private readonly Describing $describing;

    public function __construct(private readonly HouseApplication $row, private readonly User $user, private readonly Request $asked)
    {
        $this->describing = app(Describing::class);
        parent::__construct($row);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $row = $this->row;
        $dialect = Dialect::fromData($row->dialect);
        $file = $dialect->read($row->factory(), $this->describing->application($row));
        $marking = Marking::of($dialect->description, $file->text);
        $commands = array_values((array) $row->catalogue['commands']);
        $search = mb_strtolower($this->asked->string('command')->toString());
        $matching =
            $search === ''
                ? $commands
                : array_values(
                    array_filter(
                        $commands,
                        static fn (array $one): bool => str_contains(mb_strtolower("{$one['name']} {$one['id']}"), $search),
                    ),
                );
        $from = max(1, $this->asked->integer('from', 1));
        $commandFrom = max(0, $this->asked->integer('command_from'));

        return HouseApplicationsResource::brief($row, $this->user) + [
            'purpose' => $row->catalogue['purpose'] ?? '',
            'file_name' => $row->dialect['file_name'] ?? '',
            'files' => array_column($row->files, 'name'),
            'systems' => $row->systems,
            'precedence' => $row->catalogue['precedence'] ?? 'deeper-first',
            'loading' => $row->catalogue['loading'] ?? 'last-line-wins',
            'naming' => $row->catalogue['naming'] ?? 'position',
            'tells_hold' => $row->catalogue['tells_hold'] ?? false,
            'usage_log' => $row->catalogue['usage_log'] ?? null,
            'corrections' => $row->corrections,
            'certainties' => $row->certainties,
            'proof' => $row->proof ?? ['holds' => false],
            'contexts' => array_values((array) $row->catalogue['contexts']),
            'commands' => array_map(self::command(...), array_slice($matching, $commandFrom, self::AT_ONCE)),
            'commands_matching' => count($matching),
            'match_count' => count($row->matches),
            'has_earlier' => $row->before !== null,
            'contested' => $this->contested($file),
            'line_count' => $marking->lineCount(),
            'lines' => array_map(self::line(...), $marking->lines($from, $from + self::AT_ONCE - 1)),
            'dialect' => json_encode(
                $row->dialect,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
        ];
    }

    /** @return array<string, mixed> chords to try, as the file writes them */
    private function contested(KeyFile $file): array
    {
        $contested = Contested::in($file);
        $said = static fn (Entry $entry): string => trim($entry->chordAt->of($file->text), "\"'");

        return [
            'in_two' => $contested->inTwo === null
                    ? null
                    : [
                        'chord' => $said($contested->inTwo[1]),
                        'context' => $file->application->contexts->get($contested->inTwo[1]->binding->context)->name,
                    ],
            'twice' => $contested->twice === null
                    ? null
                    : ['chord' => $said($contested->twice[0]), 'lines' => [$contested->twice[0]->line, $contested->twice[1]->line]],
        ];
    }

    /**
     * @param  array<string, mixed>  $one
     * @return array<string, mixed>
     */
    private static function command(array $one): array
    {
        return [
            'id' => $one['id'],
            'name' => $one['name'],
            'written' => $one['written'] ?? $one['id'],
            'menu' => $one['menu'] ?? [],
            'tooltip' => $one['tooltip'],
            'context' => $one['context'],
            'traits' => $one['traits'] ?? [],
        ];
    }

    /** @return array<string, mixed> */
    private static function line(MarkedLine $line): array
    {
        return [
            'number' => $line->number,
            'text' => mb_substr($line->text, 0, self::MOST_SHOWN),
            'left' => $line->left,
            'marks' => array_map(
                static fn (LineMark $one): array => ['from' => $one->from, 'to' => $one->to, 'is' => $one->is, 'means' => $one->means],
                array_values(array_filter($line->marks, static fn (LineMark $one): bool => $one->to <= self::MOST_SHOWN)),
            ),
        ];
    }
}
