using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>A row that somebody typed.</summary>
/// <param name="Row">The row, read.</param>
/// <param name="Before">The wire that it stands for; null for a new one.</param>
/// <param name="Emptied">Cells that were emptied.</param>
public sealed record TypedRow(ListRow Row, JobWire? Before, IReadOnlySet<ColumnMeaning> Emptied);
