namespace Lacet.Exchange.Import;

/// <summary>The columns that say where one end of a wire lands.</summary>
/// <param name="Place">Device and terminal in one.</param>
/// <param name="Device">The device.</param>
/// <param name="Terminal">The terminal on it.</param>
/// <param name="Enclosure">The enclosure.</param>
/// <param name="Landing">What the landing is.</param>
internal sealed record EndColumns(
    ColumnMeaning Place,
    ColumnMeaning Device,
    ColumnMeaning Terminal,
    ColumnMeaning Enclosure,
    ColumnMeaning Landing
)
{
    /// <summary>Those of end A.</summary>
    internal static EndColumns From { get; } =
        new(
            ColumnMeaning.From,
            ColumnMeaning.FromDevice,
            ColumnMeaning.FromTerminal,
            ColumnMeaning.FromEnclosure,
            ColumnMeaning.FromLanding
        );

    /// <summary>Those of end B.</summary>
    internal static EndColumns To { get; } =
        new(
            ColumnMeaning.To,
            ColumnMeaning.ToDevice,
            ColumnMeaning.ToTerminal,
            ColumnMeaning.ToEnclosure,
            ColumnMeaning.ToLanding
        );

    /// <summary>Whether one of them is such a column.</summary>
    internal static bool SaysPlace(ColumnMeaning column) =>
        column
            is ColumnMeaning.From
                or ColumnMeaning.FromDevice
                or ColumnMeaning.FromTerminal
                or ColumnMeaning.To
                or ColumnMeaning.ToDevice
                or ColumnMeaning.ToTerminal;
}
