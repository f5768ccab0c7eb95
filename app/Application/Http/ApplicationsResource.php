<?php

declare(strict_types=1);

namespace App\Application\Http;

use App\Library\Library;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** All applications, without their commands. */
final class ApplicationsResource extends JsonAnswer
{
    /** @param  list<Application>  $applications */
    public function __construct(private readonly array $applications, private readonly Library $library)
    {
        parent::__construct($applications);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'applications' => array_map(
                fn (Application $application): array => self::brief($application, $this->library),
                $this->applications,
            ),
        ];
    }

    /** @return array<string, mixed> the schema `Application` */
    public static function brief(Application $application, Library $library): array
    {
        return [
            'id' => $application->id,
            'name' => $application->name,
            'purpose' => $application->purpose,
            'precedence' => $application->precedence->value,
            'loading' => $application->loading->value,
            'is_desktop' => $application->id === DesktopCatalogue::ID,
            'tells_hold' => $application->tellsHold,
            'naming' => $application->naming->value,
            'file_name' => $library->dialect($application)->fileName(),
            'command_count' => count($application->commands()),
            'contexts' => array_map(
                static fn (Context $context): array => [
                    'id' => $context->id,
                    'name' => $context->name,
                    'parent' => $context->parent,
                    'depth' => $application->contexts->depth($context->id),
                    'text_entry' => $context->textEntry,
                ],
                $application->contexts->all(),
            ),
        ];
    }
}
