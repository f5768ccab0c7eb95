<?php

declare(strict_types=1);

namespace App\Application\Http;

use App\Intent\PersonalVocabulary;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** The catalogues. */
final readonly class ApplicationController
{
    public function __construct(private Library $library)
    {
    }

    public function index(): ApplicationsResource
    {
        $all = [...array_values($this->library->applications()), $this->library->application(DesktopCatalogue::ID)];

        return new ApplicationsResource($all, $this->library);
    }

    public function show(Application $application, #[CurrentUser] User $user, PersonalVocabulary $words): CatalogueResource
    {
        return new CatalogueResource($application, $words->vocabulary($user), $this->library);
    }
}
