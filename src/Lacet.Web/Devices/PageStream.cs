using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Lacet.Devices;
using Lacet.Workshop.DeadChecks;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.People;

namespace Lacet.Web.Devices;

/// <summary>
/// What an open page is told. A browser allows a page few connections: everything comes over one, and it ends with the
/// session of whoever opened it.
/// </summary>
internal sealed class PageStream(
    DeviceHub hub,
    Feed<DeviceEvent> tools,
    Feed<JobChanged> jobs,
    Feed<DeadTold> dead,
    DeadWatch watch,
    Feed<SessionEnded> ended,
    Sessions sessions
)
{
    /// <summary>
    /// Sessions that another program ended, or that ran out, are told nobody: they are looked for so often.
    /// </summary>
    private static readonly TimeSpan LookEvery = TimeSpan.FromSeconds(20);

    internal async IAsyncEnumerable<StreamMessage> ReadAsync(
        SignedIn who,
        CancellationToken stopping,
        [EnumeratorCancellation] CancellationToken cancellation = default
    )
    {
        // An open page must not keep the server from stopping.
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancellation);
        var all = Channel.CreateBounded<StreamMessage>(
            new BoundedChannelOptions(200) { FullMode = BoundedChannelFullMode.DropOldest }
        );
        var pumps = Task.WhenAll(
            PumpAsync(ToolsAsync(either.Token), all.Writer),
            PumpAsync(JobsAsync(either.Token), all.Writer),
            PumpAsync(DeadAsync(either.Token), all.Writer),
            EndAsync(who, all.Writer, either)
        );
        var done = pumps.ContinueWith(p => all.Writer.TryComplete(p.Exception), TaskScheduler.Default);
        await foreach (var message in all.Reader.ReadAllAsync(CancellationToken.None))
        {
            yield return message;
        }

        await done;
    }

    private static async Task PumpAsync(IAsyncEnumerable<StreamMessage> from, ChannelWriter<StreamMessage> to)
    {
        await foreach (var message in from)
        {
            to.TryWrite(message);
        }
    }

    /// <summary>Waits until the session ends; then says so, and ends everything else.</summary>
    private async Task EndAsync(SignedIn who, ChannelWriter<StreamMessage> to, CancellationTokenSource either)
    {
        using var told = CancellationTokenSource.CreateLinkedTokenSource(either.Token);
        var first = await Task.WhenAny(ToldAsync(who, told.Token), LookAsync(who, told.Token));
        await told.CancelAsync();
        if (await first)
        {
            to.TryWrite(new SignedOutMessage());
            await either.CancelAsync();
        }
    }

    private async Task<bool> ToldAsync(SignedIn who, CancellationToken cancellation)
    {
        await foreach (var end in ended.ListenAsync([], cancellation))
        {
            if (end.Session == who.Session)
            {
                return true;
            }
        }

        return false;
    }

    private async Task<bool> LookAsync(SignedIn who, CancellationToken cancellation)
    {
        while (!cancellation.IsCancellationRequested)
        {
            if (!await sessions.HoldsAsync(who))
            {
                return true;
            }

            await Task.WhenAny(Task.Delay(LookEvery, cancellation));
        }

        return false;
    }

    private async IAsyncEnumerable<StreamMessage> JobsAsync([EnumeratorCancellation] CancellationToken cancellation)
    {
        await foreach (var changed in jobs.ListenAsync([], cancellation))
        {
            yield return JobMessage.Of(changed);
        }
    }

    private async IAsyncEnumerable<StreamMessage> DeadAsync([EnumeratorCancellation] CancellationToken cancellation)
    {
        await foreach (var told in dead.ListenAsync(watch.Now, cancellation))
        {
            yield return new DeadMessage(told);
        }
    }

    private async IAsyncEnumerable<StreamMessage> ToolsAsync([EnumeratorCancellation] CancellationToken cancellation)
    {
        await foreach (var item in tools.ListenAsync([new DeviceEvent.ToolsChanged(hub.Tools)], cancellation))
        {
            yield return item switch
            {
                DeviceEvent.Read read => new ReadingMessage(read.ToolId, read.Turn, read.Torque.Read(), read.Simulated),
                DeviceEvent.Peaked { Peak: var peak } => new PeakMessage(
                    peak.Id,
                    peak.ToolId,
                    peak.Tool,
                    peak.Torque.Read(),
                    peak.Simulated
                ),
                DeviceEvent.ToolsChanged changed => new ToolsMessage([
                    .. changed.Tools.Select(DeviceEndpoints.Document),
                ]),
                _ => throw new InvalidOperationException("There is no message for this event."),
            };
        }
    }
}
