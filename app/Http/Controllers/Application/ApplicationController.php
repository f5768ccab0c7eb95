<?php

declare(strict_types=1);

namespace App\Http\Controllers\Application;

use App\Http\Resources\Application\ApplicationsResource;
use App\Http\Resources\Application\CatalogueResource;
use App\Library\Library;
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

    public function show(Application $application): CatalogueResource
    {
        return new CatalogueResource($application, $this->library);
    }
}
