<?php

declare(strict_types=1);

namespace App\Http\Controllers\Suite;

use App\Across\FamiliarSuite;
use App\Http\Requests\Suite\SuiteKeyboardRequest;
use App\Http\Resources\Suite\SuitePageResource;
use App\Http\Resources\Suite\SuiteResource;
use App\Http\Resources\Suite\SuiteShape;
use App\Http\Resources\Suite\SuitesResource;
use App\Library\Library;
use App\Models\Suite;
use App\Models\User;
use App\Suite\Assignments;
use App\Suite\Regulars;
use App\Suite\Story;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

/** The suites: what each should have, what it has, and its story. */
final readonly class SuiteController
{
    public function __construct(
        private SuiteList $list,
        private SuiteShape $shape,
        private Assignments $assignments,
        private Story $story,
        private Library $library,
    ) {
    }

    public function index(): SuitesResource
    {
        return new SuitesResource($this->list->all(), $this->shape);
    }

    public function show(
        Request $request,
        #[CurrentUser] User $user,
        Suite $suite,
        Seat $seat,
        Regulars $regulars,
        FamiliarSuite $familiar,
    ): SuitePageResource {
        $people = array_map(
            static fn (array $one): array => [
                'person' => $one['user']->name,
                'times' => $one['times'],
                'share' => $familiar->to($one['user'], $suite, $seat)->share,
            ],
            $regulars->of($suite),
        );
        $before = $request->integer('before');

        return new SuitePageResource($this->list->loaded($suite), $this->shape, $people, $before > 0 ? $before : null);
    }

    /** Notes which applications the suite has, or which keyboard stands in it: what it should have is fitted to that one from now on. */
    public function update(SuiteKeyboardRequest $request, #[CurrentUser] User $user, Suite $suite): SuiteResource
    {
        $changed = $this->assignments->change($suite, function (Suite $locked) use ($request, $user): void {
            if ($request->has('board')) {
                $locked->fill(['board' => $request->validated('board'), 'layout' => $request->validated('layout')]);
                $this->story->tell($locked, $user, 'keyboard', "Has the keyboard {$locked->board}, {$locked->layout}");
            }
            if ($request->has('applications')) {
                $locked->applications = array_values($request->validated('applications'));
                $names = array_map($this->library->nameOf(...), $locked->applications);
                $this->story->tell($locked, $user, 'applications', 'Has the applications '.implode(', ', $names));
            }
        });

        return new SuiteResource($this->list->loaded($changed), $this->shape);
    }
}
