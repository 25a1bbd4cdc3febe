using Lacet.Store;
using Microsoft.Data.Sqlite;

namespace Lacet.Web.Records;

/// <summary>
/// Walks the chain in the background at start, and says so where it is broken. The server goes on: what is whole can be
/// read.
/// </summary>
internal sealed partial class ChainWatch(EventsTable events, ILogger<ChainWatch> log) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            var report = await events.VerifyAsync(stoppingToken);
            if (!report.IsWhole)
            {
                Broken(log, report.Says);
            }
        }
        catch (Exception exception) when (exception is SqliteException or IOException)
        {
            Broken(log, exception.Message);
        }
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "The record is not whole: {What}")]
    private static partial void Broken(ILogger logger, string what);
}
