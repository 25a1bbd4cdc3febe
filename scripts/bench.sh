# Sourced by ./lacet: how fast it is. Figures only; with "jobs", those of jobs alone.

build
quietly "building the benchmarks" dotnet build bench/Lacet.Bench -c Release -nodeReuse:false
dotnet bench/Lacet.Bench/bin/Release/net10.0/Lacet.Bench.dll "$program" src/Lacet.Web/wwwroot "$@"
