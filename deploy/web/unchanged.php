<?php

declare(strict_types=1);

// Most of what a house is asked comes from agents that have everything already. Their question is answered here, before the application
// starts: a small file says which answer the agent with this token has, and until when that holds. App\Suite\Presence writes the files.

$isAsked =
    ($_SERVER['REQUEST_METHOD'] ?? '') === 'GET' && strtok((string) ($_SERVER['REQUEST_URI'] ?? ''), '?') === '/api/agent/assignment';
$tag = (string) ($_SERVER['HTTP_IF_NONE_MATCH'] ?? '');
if (! $isAsked || $tag === '' || ! str_starts_with((string) ($_SERVER['HTTP_AUTHORIZATION'] ?? ''), 'Bearer ')) {
    return false;
}
$folder = getenv('AGENT_PRESENCE') ?: dirname(__DIR__, 2).'/var/laravel/framework/agents/'.(getenv('DB_DATABASE') ?: 'zebrafinch');
$path = "{$folder}/".hash('sha256', substr((string) $_SERVER['HTTP_AUTHORIZATION'], 7));
$known = json_decode((string) @file_get_contents($path), true);
if (
    ! is_array($known) ||
    $known['tag'] !== $tag ||
    $known['instance'] !== ($_SERVER['HTTP_AGENT_INSTANCE'] ?? '') ||
    $known['until'] <= time()
) {
    return false;
}
touch("{$path}.seen");
header("ETag: {$tag}", true, 304);

return true;
