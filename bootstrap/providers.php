<?php

return [App\Providers\LupineServiceProvider::class];
