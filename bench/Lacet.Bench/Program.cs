using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;
using Lacet.Bench;
using Lacet.Exchange.Tests;

// Figures, not pass or fail: these machines are shared and noisy. Compare only within one run.
var (program, webRoot) = (args[0], args[1]);
if (args is [_, _, "jobs"])
{
    await JobBench.RunAsync();
    await DeedBench.RunAsync(program);
    return;
}

if (args is [_, _, "lists"])
{
    ListBench.Run();
    return;
}

if (args is [_, _, "start"])
{
    await StartUp.RunAsync(program);
    return;
}

if (args is [_, _, "deeds"])
{
    await DeedBench.RunAsync(program);
    return;
}

if (args is [_, _, "attack"])
{
    await AttackBench.RunAsync(program);
    return;
}

var summary = BenchmarkRunner.Run<RecipeBenchmarks>(
    DefaultConfig
        .Instance.WithOptions(ConfigOptions.DisableLogFile)
        .AddJob(Job.ShortRun.WithToolchain(InProcessEmitToolchain.Instance))
);

Console.WriteLine();
var recipes = Matrix.Recipes().Select(r => r.Recipe.Verdict).ToList();
Console.WriteLine(
    $"{recipes.Count} recipes, every landing of the Shelf with every stocked wire: {string.Join(", ", recipes.GroupBy(v => v).OrderBy(g => g.Key).Select(g => $"{g.Key.ToString().ToLowerInvariant()} {100.0 * g.Count() / recipes.Count:0} %"))}"
);
foreach (var report in summary.Reports.Where(r => r.ResultStatistics is not null))
{
    var nanoseconds = report.ResultStatistics!.Mean;
    Console.WriteLine(
        $"{report.BenchmarkCase.Descriptor.WorkloadMethod.Name}: {nanoseconds / 1000:0.00} µs, {1e9 / nanoseconds:0} a second on one core"
    );
}

await JobBench.RunAsync();
await DeedBench.RunAsync(program);
await AttackBench.RunAsync(program);
await StartUp.RunAsync(program);
var (server, address, _) = await StartUp.StartAsync(program);
await HttpLoad.RunAsync(address);
server.Kill();
server.Dispose();
FirstLoad.Run(webRoot);
