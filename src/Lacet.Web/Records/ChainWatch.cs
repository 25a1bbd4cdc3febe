using Lacet.Store;

namespace Lacet.Web.Records;

/// <summary>Walks the chain in the background at start, and says so where it is broken.</summary>
internal sealed partial class ChainWatch(EventsTable events, ILogger<ChainWatch> log) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var report = await events.VerifyAsync(stoppingToken);
        if (!report.IsWhole)
        {
            Broken(log, report.Says);
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "The record is not whole: {What}")]
    private static partial void Broken(ILogger logger, string what);
}
