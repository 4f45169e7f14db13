<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $piece->title }}: proof</title>
<style>
@font-face { font-family: Figtree; font-weight: 400; src: url("file://{{ $fonts }}400Regular/Figtree_400Regular.ttf") format("truetype"); }
@font-face { font-family: Figtree; font-weight: 700; src: url("file://{{ $fonts }}700Bold/Figtree_700Bold.ttf") format("truetype"); }
@page { margin: 40px 48px 52px; }
body { font-family: Figtree, sans-serif; font-size: 10.5px; line-height: 1.35; color: #1f2530; }
h1 { margin: 0 0 2px; font-size: 24px; line-height: 1.15; }
h2 { margin: 14px 0 4px; font-size: 13px; }
p { margin: 0 0 6px; }
.soft { color: #5d6472; }
.verdict { margin: 6px 0 8px; font-size: 13px; font-weight: 700; color: #2f6b52; }
.verdict.is-off { color: #9a5b06; }
.poster { margin-bottom: 3px; }
.poster img { max-width: 100%; max-height: 250px; }
table { width: 100%; border-collapse: collapse; }
th, td { padding: 2px 8px 2px 0; border-bottom: 0.5px solid #d8d3c6; text-align: right; vertical-align: top; }
th { color: #5d6472; font-weight: 400; }
th.name, td.name { text-align: left; }
td.name + td.name, td + td.name, th + th.name { padding-left: 14px; }
td.wide { text-align: left; padding-right: 0; }
thead { display: table-header-group; }
tr { page-break-inside: avoid; }
.right { color: #2f6b52; }
.look { color: #9a5b06; font-weight: 700; }
.mark { width: 64px; text-align: left; }
.print { font-size: 9px; word-wrap: break-word; }
.extent { margin-top: 8px; font-size: 9px; color: #5d6472; }
.sheet { page-break-before: always; }
.sheet td { width: 50%; padding: 0 8px 12px 0; border: 0; text-align: left; }
.sheet img { width: 100%; max-height: 250px; }
</style>
</head>
<body>
<h1>{{ $piece->title }}</h1>
<p class="soft">Proof · {{ $piece->stage->width }} × {{ $piece->stage->height }} · {{ rtrim(rtrim(number_format($rate, 3, '.', ''), '0'), '.') }} frames per second · {{ number_format($piece->stage->frames) }} frames</p>
<p class="print soft">SHA-256 of the piece: {{ $fingerprint }}@foreach ($films as $name => $print)<br>SHA-256 of {{ $name }}: {{ $print }}@endforeach</p>
<p class="verdict{{ $word === 'exact' && $issues === 0 ? '' : ' is-off' }}">{{ ucfirst($word) }}, {{ $issues === 0 ? 'legible' : ($issues === 1 ? '1 issue' : $issues.' issues') }}</p>
<p class="poster"><img src="{{ $poster }}" alt="{{ $short }}"></p>
<p class="soft">At {{ $posterAt }}, when all figures have come.@foreach ($sources as $source) {{ $source }}@endforeach</p>

<h2>Figures</h2>
<table>
<thead><tr><th class="name">Figure</th><th>Typed</th><th>Should be (%)</th><th>Measured (%)</th><th>Largest difference (%)</th><th class="name">Result</th></tr></thead>
<tbody>
@foreach ($rows as $row)
@if ($row[0] === 'figure')
<tr><td class="name">{{ $row[2] }}</td><td>{{ $row[3] }}</td><td>{{ $row[4] }}</td><td>{{ $row[5] }}</td><td>{{ $row[6] }}</td><td class="name {{ $row[10] === 'exact' ? 'right' : 'look' }}">{{ $row[10] }}</td></tr>
@endif
@endforeach
</tbody>
</table>

<h2>Checks</h2>
<table>
<tbody>
@foreach ($rows as $row)
@if ($row[0] === 'check')
<tr><td class="mark {{ $row[10] === 'right' ? 'right' : 'look' }}">{{ $row[10] }}</td><td class="wide">{{ $row[2] }}@if ($row[9] !== '') <span class="soft">At {{ $row[9] }}.</span>@endif</td></tr>
@endif
@endforeach
</tbody>
</table>
<p class="extent">{{ $extent }}</p>

@if ($stills !== [])
<div class="sheet">
<h2 style="margin-top: 0">Contact sheet: while the figures stand still</h2>
<table>
@foreach (array_chunk($stills, 2) as $pair)
<tr>@foreach ($pair as $still)<td><img src="{{ $still['picture'] }}" alt=""><br><span class="soft">{{ $still['from'] }} to {{ $still['to'] }}</span></td>@endforeach @if (count($pair) === 1)<td></td>@endif</tr>
@endforeach
</table>
@if ($more > 0)<p class="soft">{{ $more }} more are not shown.</p>@endif
</div>
@endif
</body>
</html>
