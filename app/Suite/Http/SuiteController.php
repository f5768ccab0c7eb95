<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\Suite;
use App\Models\User;
use App\Resources\JsonAnswer;
use App\Suite\Assignments;
use App\Suite\FamiliarSuite;
use App\Suite\Regulars;
use App\Suite\Story;
use App\Suite\SuiteKeeping;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
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

    public function index(): JsonAnswer
    {
        return new JsonAnswer(['suites' => $this->list->all()->map($this->shape->of(...))->all()]);
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
                'share' => $familiar->share($one['user'], $suite, $seat),
            ],
            $regulars->of($suite),
        );
        $before = $request->integer('before');

        return new SuitePageResource($this->list->loaded($suite), $this->shape, $people, $before > 0 ? $before : null);
    }

    /** Notes the suite's name, its applications, or its keyboard, to which what it should have is fitted from now on. */
    public function update(SuiteChangeRequest $request, #[CurrentUser] User $user, Suite $suite, SuiteKeeping $keeping): JsonAnswer
    {
        $changed = $this->assignments->change($suite, function (Suite $locked) use ($request, $user, $keeping): void {
            if ($request->has('name')) {
                $keeping->rename($locked, $user, $request->string('name')->value());
            }
            if ($request->has('board')) {
                $locked->fill(Arr::only($request->validated(), ['board', 'layout', 'system']));
                $this->story->tell($locked, $user, 'keyboard', "Has the keyboard {$locked->board}, {$locked->layout}");
            }
            if ($request->has('applications')) {
                $locked->applications = array_values($request->validated('applications'));
                $names = array_map($this->library->nameOf(...), $locked->applications);
                $this->story->tell($locked, $user, 'applications', 'Has the applications '.implode(', ', $names));
            }
        });

        return new JsonAnswer($this->shape->of($this->list->loaded($changed)));
    }
}
