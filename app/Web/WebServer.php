<?php

declare(strict_types=1);

namespace App\Web;

use App\Http\OwnAddresses;

/**
 * How nginx and PHP-FPM serve one Lupine: both run as whoever started it, write into its data folder alone, and listen
 * on this machine alone. FPM puts a new process in the place of each that ends, however it ends.
 */
final readonly class WebServer
{
    /** more processes than stills can wait at once, so that some are always free */
    private const PROCESSES = 12;

    /** megabytes of one process */
    private const MEMORY = 512;

    /** megabytes of one request; the application's own limits are lower, and say so in its own words */
    private const BODY = 24;

    /** seconds after which a process is given up that does not answer */
    private const SECONDS = 120;

    private const TYPES = [
        'text/css' => 'css',
        'text/javascript' => 'js',
        'image/svg+xml' => 'svg',
        'font/ttf' => 'ttf',
        'font/woff' => 'woff',
        'font/woff2' => 'woff2',
    ];

    private const SENTENCES = [
        400 => 'This address or request cannot be read. Use the addresses that Lupine’s own pages use.',
        404 => 'There is nothing at this address.',
        405 => 'This address does not take that kind of request.',
        413 => 'This is larger than Lupine takes in one go.',
        414 => 'This address is longer than any that Lupine has.',
        421 => 'Lupine does not answer under this name. Use the address that it printed when it was started.',
        500 => 'Something went wrong inside Lupine, and was written into its log. What is saved is safe; try again.',
        502 => 'What worked on this ended before it was done. What is saved is safe; try again.',
        503 => 'Lupine is starting, or busy. Try again in a moment.',
        504 => 'This took longer than two minutes and was given up. What is saved is safe.',
    ];

    /**
     * @param string $folder for sockets and what is on its way
     * @param string $logs a folder
     * @param string $public the folder with what is built
     * @param string|null $films the folder with what is handed off, which nginx sends by itself; null: it is elsewhere
     */
    public function __construct(
        private string $folder,
        private string $logs,
        private string $public,
        private int $port,
        private OwnAddresses $own,
        private ?string $films,
    ) {
    }

    public function fpm(): string
    {
        $lines = [
            '[global]',
            'daemonize = no',
            'error_log = '.$this->logs.'/server.log',
            'log_level = warning',
            '[lupine]',
            'listen = '.$this->socket(),
            'listen.mode = 0600',
            'pm = static',
            'pm.max_children = '.self::PROCESSES,
            // Begun anew now and then, so that nothing grows for ever.
            'pm.max_requests = 5000',
            'request_terminate_timeout = '.self::SECONDS,
            'clear_env = no',
            'catch_workers_output = yes',
            'decorate_workers_output = no',
            'php_admin_value[memory_limit] = '.self::MEMORY.'M',
            'php_admin_value[post_max_size] = '.self::BODY.'M',
            'php_admin_flag[display_errors] = off',
        ];
        if (self::isRoot()) {
            $lines[] = 'user = root';
        }

        return implode("\n", $lines)."\n";
    }

    public function nginx(): string
    {
        $types = '';
        foreach (self::TYPES as $type => $ending) {
            $types .= "$type $ending; ";
        }
        $hosts = '';
        foreach ($this->own->hosts as $host) {
            $hosts .= sprintf('"%s" 1; ', addcslashes($host, '"\\$'));
        }
        $temporary = '';
        foreach (['client_body', 'fastcgi', 'proxy', 'uwsgi', 'scgi'] as $kind) {
            $temporary .= "    {$kind}_temp_path \"$this->folder/$kind\";\n";
        }
        $pages = $answers = '';
        foreach (self::SENTENCES as $status => $sentence) {
            $answer = json_encode(['message' => $sentence, 'where' => '', 'rowId' => null], JSON_UNESCAPED_UNICODE);
            $pages .= "        error_page $status /-/$status;\n";
            $answers .= "        location = /-/$status { internal; types { } default_type application/json; "
                ."return $status '$answer'; }\n";
        }
        $safe = 'add_header X-Content-Type-Options nosniff always; '
            .'add_header Cross-Origin-Resource-Policy same-origin always;';
        $body = self::BODY;
        $seconds = self::SECONDS + 10;

        $films = $this->films === null ? '' : <<<CONF
                    location ^~ /-/films/ {
                        internal;
                        alias "$this->films/";
                        $safe
                        # An SVG that is looked at by itself runs nothing and loads nothing.
                        add_header Content-Security-Policy "default-src 'none'; style-src 'unsafe-inline'; img-src data:";
                        types { }
                    }

            CONF;
        $sends = $this->films === null ? '' : <<<CONF
                        fastcgi_param HTTP_X_SENDFILE_TYPE X-Accel-Redirect;
                        fastcgi_param HTTP_X_ACCEL_MAPPING "$this->films/=/-/films/";

            CONF;
        $user = self::isRoot() ? 'user root;' : '';

        return <<<CONF
            $user
            daemon off;
            worker_processes 1;
            pid "$this->folder/nginx.pid";
            error_log "$this->logs/server.log" error;
            events { worker_connections 512; }
            http {
                access_log off;
                server_tokens off;
                charset utf-8;
                charset_types text/css text/javascript;
                types { $types}
                default_type application/octet-stream;
                sendfile on;
                gzip_static on;
                gzip_vary on;
                client_max_body_size {$body}m;
                client_body_buffer_size 1m;
                client_header_timeout 20s;
                client_body_timeout 60s;
            $temporary    map \$http_host \$is_own { default 0; $hosts}
                # Asked again where an answer is one of the sentences below, which are given under every name.
                map "\$is_own\$uri" \$is_refused { volatile; default 0; "~^0/(?!-/)" 1; }
                server {
                    listen 127.0.0.1:$this->port default_server;
                    root "$this->public";
            $pages$answers        if (\$is_refused) { return 421; }
                    # What is built has a name of its own contents, so it never changes; the rest is asked for again.
                    location ^~ /build/assets/ {
                        $safe
                        add_header Cache-Control "public, max-age=31536000, immutable";
                        try_files \$uri @lupine;
                    }
                    location ~ \.(css|js|svg|ttf|woff2?)\$ {
                        $safe
                        add_header Cache-Control no-cache;
                        try_files \$uri @lupine;
                    }
            $films        location / { try_files /none @lupine; }
                    location @lupine {
                        fastcgi_pass "unix:{$this->socket()}";
                        fastcgi_param SCRIPT_FILENAME "$this->public/index.php";
                        fastcgi_param SCRIPT_NAME /index.php;
                        fastcgi_param REQUEST_METHOD \$request_method;
                        fastcgi_param REQUEST_URI \$request_uri;
                        fastcgi_param QUERY_STRING \$query_string;
                        fastcgi_param CONTENT_TYPE \$content_type;
                        fastcgi_param CONTENT_LENGTH \$content_length;
                        fastcgi_param SERVER_PROTOCOL \$server_protocol;
                        fastcgi_param SERVER_NAME \$server_name;
                        fastcgi_param SERVER_PORT \$server_port;
                        fastcgi_param REMOTE_ADDR \$remote_addr;
                        fastcgi_param DOCUMENT_ROOT "$this->public";
            $sends            fastcgi_read_timeout {$seconds}s;
                        fastcgi_buffer_size 32k;
                        fastcgi_buffers 32 64k;
                        fastcgi_busy_buffers_size 128k;
                        # Films are sent as they are read, and not copied beforehand.
                        fastcgi_max_temp_file_size 0;
                    }
                }
            }

            CONF;
    }

    /** Both run as somebody else then, unless they are told. */
    private static function isRoot(): bool
    {
        return function_exists('posix_geteuid') && posix_geteuid() === 0;
    }

    private function socket(): string
    {
        return $this->folder.'/php.sock';
    }
}
