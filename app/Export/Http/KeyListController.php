<?php

declare(strict_types=1);

namespace App\Export\Http;

use App\Export\Exported;
use App\Export\Exporter;
use App\Intent\PersonalVocabulary;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Zebrafinch\Core\Keyboard\Seat;

/** Chords as lists to read, to print and to copy. */
final readonly class KeyListController
{
    /** A written list is text and its own style; nothing in it may run or be fetched. */
    private const PAGE_POLICY = "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'";

    public function __construct(private Exporter $exporter, private Library $library, private PersonalVocabulary $words)
    {
    }

    public function kit(KeyListRequest $request, #[CurrentUser] User $user, Seat $seat): KeyListsResource|Response
    {
        $application = $request->string('application')->toString();
        $all =
            $application === '' ? $this->exporter->kit($user) : [$this->exporter->inUse($user, $this->library->application($application))];

        return $this->answer($request, $user, $seat, $all);
    }

    public function keymap(KeyListRequest $request, #[CurrentUser] User $user, Keymap $keymap, Seat $seat): KeyListsResource|Response
    {
        return $this->answer($request, $user, $seat, [$this->exporter->keymap($keymap)]);
    }

    public function release(KeyListRequest $request, #[CurrentUser] User $user, Release $release, Seat $seat): KeyListsResource|Response
    {
        return $this->answer($request, $user, $seat, $this->exporter->release($release));
    }

    /** @param  list<Exported>  $all */
    private function answer(KeyListRequest $request, User $user, Seat $seat, array $all): KeyListsResource|Response
    {
        $lists = $request->lists($all, $seat, $this->words->importance($user));
        $format = $request->listFormat();

        return $format === null
            ? new KeyListsResource($lists)
            : response($format->writer()->write($lists), 200, [
                'Content-Type' => $format->writer()->mediaType(),
                'Content-Security-Policy' => self::PAGE_POLICY,
                'Content-Disposition' => ($request->isRead() ? 'inline' : 'attachment').
                    "; filename=\"keys.{$format->writer()->extension()}\"",
            ]);
    }
}
