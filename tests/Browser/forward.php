<?php

declare(strict_types=1);

// Passes connections on from one port of this machine to another. A test that ends it cuts everybody after it off,
// service workers included, which the browser's own way of going offline does not.
//   php forward.php FROM TO

[, $from, $to] = $argv;
$server = stream_socket_server("tcp://127.0.0.1:{$from}") ?: exit(1);
/** @var array<int, resource> $other the other end of each connection */
$other = [];
$open = [(int) $server => $server];
while (true) {
    $ready = $open;
    $write = $except = null;
    if (stream_select($ready, $write, $except, 1) === false) {
        break;
    }
    foreach ($ready as $stream) {
        if ($stream === $server) {
            $near = stream_socket_accept($server, 0);
            $far = @stream_socket_client("tcp://127.0.0.1:{$to}", timeout: 2);
            if ($near !== false && $far !== false) {
                foreach ([[$near, $far], [$far, $near]] as [$one, $end]) {
                    $open[(int) $one] = $one;
                    $other[(int) $one] = $end;
                }
            }

            continue;
        }
        if (! isset($open[(int) $stream])) {
            continue;
        }
        $data = fread($stream, 65536);
        $end = $other[(int) $stream];
        if ($data === '' || $data === false || @fwrite($end, $data) === false) {
            foreach ([$stream, $end] as $gone) {
                unset($open[(int) $gone], $other[(int) $gone]);
                fclose($gone);
            }
        }
    }
}
