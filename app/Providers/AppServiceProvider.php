<?php

namespace App\Providers;

use App\Database\ImmediateSqlite;
use App\Documents\StrictValidator;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn (...$given): Connection => new ImmediateSqlite(...$given));
    }

    public function boot(): void
    {
        Validator::resolver(fn (...$given): StrictValidator => new StrictValidator(...$given));
        Model::shouldBeStrict($this->app->environment() !== 'production');
    }
}
