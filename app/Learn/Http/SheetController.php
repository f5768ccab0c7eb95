<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\CardShelf;
use App\Learn\Situations;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Zebrafinch\Core\Export\KeyStickers;
use Zebrafinch\Core\Export\KeyStrip;
use Zebrafinch\Core\Export\Reminder;
use Zebrafinch\Core\Keyboard\Seat;

/** What is being learned as drawings in true millimetres: stickers for the key caps, and a strip to lay along the keyboard. */
final readonly class SheetController
{
    public function __construct(private Situations $situations, private CardShelf $shelf)
    {
    }

    public function __invoke(#[CurrentUser] User $user, Seat $seat, string $sheet): Response
    {
        $situation = $this->situations->of($user, $seat);
        $reminders = [];
        foreach ($this->shelf->of($user) as $card) {
            $binding = $card->box === null ? null : $this->shelf->bindingFor($situation, $card);
            $made = $binding === null ? null : $seat->press($binding->chord)->made;
            if ($binding !== null && $made !== null) {
                $application = ($situation->keymapOf)($card->application)->application;
                $caps = $seat->printer()->caps($binding->chord);
                $where = "{$application->name}, {$application->contexts->get($card->context)->name}";
                $reminders[] = new Reminder($made, $caps, $application->commandName($card->command), $where);
            }
        }
        $svg = $sheet === 'strip' ? (new KeyStrip($seat->board, $reminders))->svg() : (new KeyStickers($seat->board, $reminders))->svg();

        return response($svg, 200, [
            'Content-Type' => 'image/svg+xml; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$sheet}.svg\"",
        ]);
    }
}
