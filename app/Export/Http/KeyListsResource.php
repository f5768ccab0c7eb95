<?php

declare(strict_types=1);

namespace App\Export\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Export\KeyList;
use Zebrafinch\Core\Export\ListedCommand;
use Zebrafinch\Core\Export\ListGroup;

final class KeyListsResource extends JsonAnswer
{
    /** @param  list<KeyList>  $lists */
    public function __construct(private readonly array $lists)
    {
        parent::__construct($lists);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'lists' => array_map(
                fn (KeyList $list): array => [
                    'application' => $list->application,
                    'keymap' => $list->keymap,
                    'groups' => array_map(
                        fn (ListGroup $group): array => [
                            'name' => $group->name,
                            'commands' => array_map($this->command(...), $group->commands),
                        ],
                        $list->groups,
                    ),
                ],
                $this->lists,
            ),
        ];
    }

    /** @return array<string, string> */
    private function command(ListedCommand $command): array
    {
        return [
            'id' => $command->id,
            'name' => $command->name,
            'menu' => $command->menu,
            'context' => $command->context,
            'chords' => $command->chords(),
        ];
    }
}
