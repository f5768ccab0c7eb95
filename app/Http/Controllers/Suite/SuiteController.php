<?php

declare(strict_types=1);

namespace App\Http\Controllers\Suite;

use App\Http\Requests\Suite\SuiteKeyboardRequest;
use App\Http\Resources\Suite\SuiteResource;
use App\Http\Resources\Suite\SuitesResource;
use App\Library\Library;
use App\Models\Suite;
use App\Suite\SuiteList;

/** The suites: what stands there and what is installed. */
final readonly class SuiteController
{
    public function __construct(private Library $library, private SuiteList $list)
    {
    }

    public function index(): SuitesResource
    {
        return new SuitesResource($this->list->all(), $this->library);
    }

    /** Notes which keyboard stands in the suite. */
    public function update(SuiteKeyboardRequest $request, Suite $suite): SuiteResource
    {
        $suite->update(['board' => $request->validated('board'), 'layout' => $request->validated('layout')]);

        return new SuiteResource($this->list->loaded($suite), $this->library);
    }
}
