<?php

declare(strict_types=1);

namespace App\Library;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Answers that are made from nothing but what some stamps stand for: who has one already is told so by its tag, before anything is read,
 * and what was worked out for the same question is not worked out again.
 */
final readonly class ConditionalGet
{
    public function __construct(private Memoised $memoised)
    {
    }

    /**
     * @param  array<string>  $stamps  of all that the answer is made from, but the question itself
     * @param  Closure(): JsonResource  $make
     */
    public function of(Request $request, array $stamps, Closure $make): JsonResponse
    {
        $stamps = [$request->getRequestUri(), ...$stamps];
        $answer = $this->tagged($stamps);
        if ($answer->isNotModified($request)) {
            return $answer;
        }
        $json = $this->memoised->json(
            $request->path(),
            implode("\n", $stamps),
            static fn (): mixed => $make()->resolve($request),
        );

        return $answer->setJson($json);
    }

    /**
     * Still empty, with the tag of what it is going to be.
     *
     * @param  array<string>  $stamps
     */
    public function tagged(array $stamps): JsonResponse
    {
        $answer = new JsonResponse();
        $answer->setEtag($this->memoised->tag($stamps), true)->setCache(['private' => true, 'no_cache' => true]);

        return $answer;
    }
}
