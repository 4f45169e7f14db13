<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'sha256-{{ $scriptHash }}'; style-src 'sha256-{{ $styleHash }}'; img-src data:; media-src data:; base-uri 'none'; form-action 'none'">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<meta name="description" content="{{ $short }}">
<title>{{ $title }}</title>
<style>{!! $style !!}</style>
</head>
<body>
<main>
<h1 class="unseen">{{ $title }}</h1>
<div id="frame">
<div id="picture" tabindex="0" role="application" aria-roledescription="chart" aria-label="{{ $short }}" aria-describedby="how">
<canvas aria-hidden="true"></canvas>
<svg aria-hidden="true"><path></path></svg>
<output id="value" hidden></output>
</div>
<button id="begin" type="button" aria-label="Play" hidden><svg viewBox="0 0 24 24" aria-hidden="true"><path d="M7 4.5v15l12.5-7.5z"></path></svg></button>
<p id="wait" role="status">Opening…</p>
</div>
<p id="how" class="unseen">Arrow keys go from figure to figure. Space plays and pauses.</p>
<p id="said" class="unseen" aria-live="polite"></p>
<p id="caption" hidden></p>
<div id="controls" role="group" aria-label="Playback" hidden>
<button id="play" type="button" aria-label="Play"><svg viewBox="0 0 24 24" aria-hidden="true"><path class="is-play" d="M7 4.5v15l12.5-7.5z"></path><path class="is-pause" d="M6.5 5h4v14h-4zm7 0h4v14h-4z"></path></svg></button>
<button id="back" type="button" aria-label="Previous stop" hidden><svg viewBox="0 0 24 24" aria-hidden="true"><path d="M6 5h2.4v14H6zm12.5 0v14L9 12z"></path></svg></button>
<button id="on" type="button" aria-label="Next stop" hidden><svg viewBox="0 0 24 24" aria-hidden="true"><path d="M5.500 5v14L15 12zm10.100 0H18v14h-2.400z"></path></svg></button>
<input id="time" type="range" min="0" step="1" value="0" aria-label="Time">
<span id="clock"></span>
<button id="sound" type="button" aria-pressed="true" hidden>Sound</button>
<button id="captions" type="button" aria-pressed="false" hidden>Captions</button>
<button id="numbers" type="button" aria-expanded="false" aria-controls="figures">Figures</button>
</div>
<section id="figures" aria-label="Figures" hidden>
@foreach ($tables as ['name' => $name, 'table' => $table])
<div class="table" tabindex="0" role="region" aria-label="{{ $name }}">
<table>
<caption>{{ $name }}</caption>
<thead><tr>@foreach ($table->heads as $head)<th scope="col">{{ $head }}</th>@endforeach</tr></thead>
<tbody>
@foreach ($table->rows as $row)
<tr>@foreach ($row as $place => $cell)@if ($place === 0)<th scope="row">{{ $cell }}</th>@else<td>{{ $cell }}</td>@endif
@endforeach</tr>
@endforeach
</tbody>
</table>
</div>
@endforeach
<details>
<summary>Description</summary>
@foreach ($long as $paragraph)
<p>{{ $paragraph }}</p>
@endforeach
</details>
</section>
<noscript><p>{{ $short }}</p></noscript>
</main>
<script type="application/json" id="piece">{!! $data !!}</script>
@foreach ($reels as $reel)
<script type="text/plain" class="reel">{{ $reel }}</script>
@endforeach
<script>{!! $script !!}</script>
</body>
</html>
