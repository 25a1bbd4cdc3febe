using System.Data.Common;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Lists;

/// <summary>
/// Takes an import into its job, as one command that can be undone; a new job and its list are one transaction.
/// </summary>
public sealed class ImportAcceptance(
    PendingImports imports,
    JobEditor editor,
    NewJobs newJobs,
    JobsTable jobs,
    ListLayouts layouts
)
{
    /// <summary>What is said where there is no such import.</summary>
    public const string NoSuchImport =
        "There is no such import: it was accepted, stopped, or forgotten after two hours. Send the file again.";

    /// <summary>
    /// Accepts an import. Sent again, whether or not its preview is still here, it is answered as the first time.
    /// </summary>
    public async Task<Outcome<ImportAccepted>> AcceptAsync(
        Guid id,
        AcceptImport request,
        Guid person,
        CancellationToken cancellation
    )
    {
        if (await jobs.FindCommandAsync(request.Id) is { } before)
        {
            return Repeated(request.Id, before, imports.Find(id));
        }

        if (imports.Find(id) is not { } pending)
        {
            return new Outcome<ImportAccepted>.Missing(NoSuchImport);
        }

        // Whoever accepts before it is read through waits for that; who comes twice at once, for the first.
        await Task.WhenAny(pending.Work, Task.Delay(Timeout.Infinite, cancellation));
        await pending.Accepting.WaitAsync(cancellation);
        try
        {
            return await jobs.FindCommandAsync(request.Id) is { } meanwhile
                ? Repeated(request.Id, meanwhile, pending)
                : await StoreAsync(pending, request, person, cancellation);
        }
        finally
        {
            pending.Accepting.Release();
        }
    }

    /// <summary>
    /// What a stored import did, by its wires; rows that were left out are known as long as its preview is.
    /// </summary>
    private static Outcome<ImportAccepted> Repeated(Guid command, StoredCommand stored, PendingImport? pending)
    {
        if (stored.Kind != CommandKind.Import)
        {
            return new Outcome<ImportAccepted>.Conflict(new CommandIdTakenException(stored.Says).Message);
        }

        var wires = stored
            .Edits.Where(e => string.Equals(e.Kind, ChangeResolver.Word(EntityKind.Wire), StringComparison.Ordinal))
            .ToList();
        var taken = wires.Count(RepeatedCommands.IsTakenOut);
        return new Outcome<ImportAccepted>.Done(
            new(
                stored.Job,
                command,
                wires.Count(e => !e.WasThere),
                wires.Count(e => e.WasThere) - taken,
                taken,
                pending?.Read?.Plan.Count(RowDoes.Wrong) ?? 0
            ),
            IsNew: false
        );
    }

    private async Task<Outcome<ImportAccepted>> StoreAsync(
        PendingImport pending,
        AcceptImport request,
        Guid person,
        CancellationToken cancellation
    )
    {
        if (pending is not { State: ImportState.Ready, Read: { } read })
        {
            return pending.Refusal is { } refusal
                ? throw new ImpossibleInputException("file", refusal)
                : new Outcome<ImportAccepted>.Missing(NoSuchImport);
        }

        var wrong = read.Plan.Count(RowDoes.Wrong);
        if (wrong > 0 && !request.OnlyGood)
        {
            throw new ImpossibleInputException(
                "onlyGood",
                $"{wrong} of {read.Plan.Effects.Count} rows are wrong. Put them right, or say that only the good ones are to be taken."
            );
        }

        var stored = pending.Settings.JobId is { } there
            ? await IntoAsync(there, request, person, pending, read, cancellation)
            : new Outcome<Guid>.Done(await AsNewAsync(request, person, read.Plan, cancellation));
        if (stored is Outcome<Guid>.Done { Value: var job })
        {
            pending.State = ImportState.Accepted;
            await RememberAsync(job, pending.Settings, read, request.JobName?.Trim() ?? read.Sheet.Name);
        }

        return stored.Select(into => new ImportAccepted(
            into,
            request.Id,
            read.Plan.Count(RowDoes.Add),
            read.Plan.Count(RowDoes.Change),
            read.Plan.Removed.Count,
            wrong
        ));
    }

    /// <summary>An import that is stored is stored, whether its layout can be kept or not.</summary>
    private async Task RememberAsync(Guid job, ImportSettings settings, ListReading read, string name)
    {
        try
        {
            await layouts.RememberAsync(read, name, CancellationToken.None);
            await layouts.KeepFormAsync(job, read, settings.Enclosure.Trim(), CancellationToken.None);
        }
        catch (DbException)
        {
            // The next list with these headings asks again.
        }
    }

    /// <summary>
    /// Into a job that is there: what was previewed must be what is done, so a job that moved on is planned and looked
    /// at again.
    /// </summary>
    private async Task<Outcome<Guid>> IntoAsync(
        Guid job,
        AcceptImport request,
        Guid person,
        PendingImport pending,
        ListReading read,
        CancellationToken cancellation
    )
    {
        var (now, sequence) = await imports.PlanAsync(pending, read.List);
        if (sequence != read.JobSequence)
        {
            pending.Read = read with { Plan = now, JobSequence = sequence };
            throw new ImpossibleInputException(
                "jobId",
                "The job was changed since this preview. It was read again: look once more, and accept."
            );
        }

        var done = await editor.ChangeAsync(
            job,
            request.Id,
            person,
            open =>
                (
                    $"Imported a wire list: {read.Plan.Count(RowDoes.Add)} added, {read.Plan.Count(RowDoes.Change)} changed, {read.Plan.Removed.Count} deleted.",
                    [
                        .. read
                            .Plan.Removed.Concat<JobPart>(read.Plan.RemovedBridges)
                            .Concat(read.Plan.RemovedCables)
                            .Select(p => new PartChange(null, p.Id, open.Version(p.Id))),
                        .. read.Plan.Put.Select(p => new PartChange(p, null, open.Version(p.Id))),
                    ]
                ),
            cancellation,
            kind: CommandKind.Import
        );
        return done.Select(_ => job);
    }

    private Task<Guid> AsNewAsync(AcceptImport request, Guid person, ListPlan plan, CancellationToken cancellation)
    {
        if (request.JobName?.Trim() is not { Length: > 0 and <= 200 } name)
        {
            throw new ImpossibleInputException("jobName", "Name the new job, in 1 to 200 characters.");
        }

        var title = new JobTitle(Guid.CreateVersion7(), name)
        {
            Order = 1,
            Rules = request.HouseRules ?? HouseRules.Default,
        };
        return newJobs.CreateAsync(
            title,
            person,
            request.Id,
            $"Imported a wire list of {plan.Count(RowDoes.Add)} wires.",
            plan.Put,
            cancellation
        );
    }
}
