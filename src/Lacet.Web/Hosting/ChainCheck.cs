using Lacet.Store;

namespace Lacet.Web.Hosting;

/// <summary>Checks a record from outside, whether or not a server uses its folder.</summary>
internal static class ChainCheck
{
    private const int Broken = 1;

    /// <summary>A head is printed with 16 digits and more; fewer than these could be anybody’s.</summary>
    private const int FewestDigits = 8;

    /// <summary>
    /// Walks the record and says what it found; 0 where it is whole, and holds <paramref name="head"/> where one is
    /// given.
    /// </summary>
    internal static async Task<int> RunAsync(
        string folder,
        string? head,
        TextWriter found,
        TextWriter progress,
        CancellationToken cancellation
    )
    {
        head = head?.Trim().TrimEnd('…');
        if (head is not null && (head.Length < FewestDigits || !head.All(char.IsAsciiHexDigit)))
        {
            throw new UsageException(
                $"--head needs the first {FewestDigits} digits of a head or more, each from 0 to 9 or a to f."
            );
        }

        using var database = LacetDatabase.OpenToRead(folder);
        var events = new EventsTable(database, new JobsTable(database, TimeProvider.System));
        var report = await events.VerifyAsync(cancellation, new Counter(progress, await events.CountAsync()));
        await found.WriteLineAsync(report.Says);
        foreach (var fault in report.Faults.Skip(1))
        {
            await found.WriteLineAsync(fault.Says);
        }

        await found.WriteLineAsync($"Head: {report.Head}");
        return await HoldsAsync(events, head, report.BrokenAt, found) && report.IsWhole ? 0 : Broken;
    }

    private static async Task<bool> HoldsAsync(EventsTable events, string? head, long? brokenAt, TextWriter found)
    {
        if (head is null)
        {
            return true;
        }

        if (await events.FindHeadAsync(head) is not { } place)
        {
            await found.WriteLineAsync(
                "No event has that head: it is that of another record, or something before it was changed since."
            );
            return false;
        }

        await found.WriteLineAsync(
            brokenAt <= place
                ? $"That head is event {place}’s, and something up to it was changed."
                : $"That head is event {place}’s: all up to it is as it was when the head was written down."
        );
        return true;
    }

    private sealed class Counter(TextWriter progress, long total) : IProgress<long>
    {
        private const int Step = 50_000;

        public void Report(long value)
        {
            if (value % Step == 0)
            {
                progress.WriteLine($"{value} of {total}…");
            }
        }
    }
}
