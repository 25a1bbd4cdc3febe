using System.Text;
using Lacet.Core.Jobs;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>A list as text, read by its own columns and planned against the parts of a job.</summary>
internal static class PlannedList
{
    internal static ListPlan Of(IReadOnlyList<JobPart> job, string csv, bool replaces = true) =>
        Of(job, Encoding.UTF8.GetBytes(csv), replaces);

    internal static ListPlan Of(IReadOnlyList<JobPart> job, byte[] file, bool replaces = true) =>
        ListPlan.Of(job, Read(file), new ListPlanOptions("DCP", Replaces: replaces), Guid.NewGuid);

    internal static WireList Read(string csv) => Read(Encoding.UTF8.GetBytes(csv));

    private static WireList Read(byte[] file)
    {
        var sheet = SheetReader.Read(file, null, null, default).Sheets[0];
        var columns = SheetColumns.Find(sheet);
        return new WireListReader(columns.Columns, new Dictionary<string, string>(StringComparer.Ordinal), _ =>
            null
        ).Read(sheet, columns.HeadingRow, new Dictionary<(int, ColumnMeaning), string>(), null, default);
    }

    /// <summary>The parts after a plan was carried out.</summary>
    internal static IReadOnlyList<JobPart> Over(IReadOnlyList<JobPart> before, IReadOnlyList<JobPart> put) =>
        [.. before.Where(p => put.All(l => l.Id != p.Id)), .. put];
}
