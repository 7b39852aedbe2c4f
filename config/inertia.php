<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],

    // It would write all that each page says, private words as well, into files: half the time of an answer.
    'devtools' => ['enabled' => false],

    'testing' => [
        'ensure_pages_exist' => true,
        'page_paths' => [resource_path('js/pages')],
        'page_extensions' => ['tsx'],
    ],
];
