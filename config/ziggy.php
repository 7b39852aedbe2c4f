<?php

declare(strict_types=1);

return ['except' => ['storage.*', 'up']];
