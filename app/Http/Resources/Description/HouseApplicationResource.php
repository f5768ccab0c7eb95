<?php

declare(strict_types=1);

namespace App\Http\Resources\Description;

use App\Models\HouseApplication;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\Propose\LineMark;
use Zebrafinch\Core\Dialect\Propose\MarkedLine;
use Zebrafinch\Core\Dialect\Propose\Marking;
use Zebrafinch\Core\Text\TextEncoding;

/** An application of the house as it is described so far, with a stretch of its key file and all that was understood marked on it. */
final class HouseApplicationResource extends JsonAnswer
{
    /** Lines of the key file, and commands, that are given at once. */
    private const AT_ONCE = 120;

    private const MOST_SHOWN = 400;

    public function __construct(private readonly HouseApplication $row, private readonly User $user, private readonly Request $asked)
    {
        parent::__construct($row);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $row = $this->row;
        $text = KeyFileText::of($row->factory(), TextEncoding::from($row->dialect['encoding'] ?? 'utf-8'));
        $marking = Marking::of(Dialect::fromData($row->dialect)->description, $text);
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
            'corrections' => $row->corrections,
            'certainties' => $row->certainties,
            'proof' => $row->proof ?? ['holds' => false],
            'contexts' => array_values((array) $row->catalogue['contexts']),
            'commands' => array_map(self::command(...), array_slice($matching, $commandFrom, self::AT_ONCE)),
            'commands_matching' => count($matching),
            'match_count' => count($row->matches),
            'has_earlier' => $row->before !== null,
            'line_count' => $marking->lineCount(),
            'lines' => array_map(self::line(...), $marking->lines($from, $from + self::AT_ONCE - 1)),
            'dialect' => json_encode(
                $row->dialect,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
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
