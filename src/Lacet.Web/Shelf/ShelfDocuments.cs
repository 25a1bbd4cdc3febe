using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;

namespace Lacet.Web.Shelf;

/// <summary>A thing on the Shelf.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Version">What a change must name, so that nobody's change is lost.</param>
/// <param name="Item">Its data.</param>
/// <param name="Says">What it is, in a line.</param>
/// <param name="Drawing">A landing's drawing, or a conductor's cross-section; null for the other kinds.</param>
/// <param name="Problem">A torque tool whose calibration ended says so.</param>
public sealed record ShelfEntry(
    Guid Id,
    long Version,
    ShelfItemDocument Item,
    string Says,
    SceneDocument? Drawing,
    string? Problem
);

/// <summary>A page of the Shelf.</summary>
/// <param name="Items">By code.</param>
/// <param name="Next">Ask for what comes after this code; null at the end.</param>
public sealed record ShelfPage(IReadOnlyList<ShelfEntry> Items, string? Next);

/// <summary>Something to put on the Shelf.</summary>
/// <param name="Item">What.</param>
public sealed record ShelfPut(ShelfItemDocument Item);

/// <summary>What was changed.</summary>
/// <param name="Batch">By which it can be undone.</param>
/// <param name="Entry">The item as it is now; null where it was taken off.</param>
public sealed record ShelfChanged(Guid Batch, ShelfEntry? Entry);

/// <summary>A file to import.</summary>
/// <param name="Text">The file's text: JSON, or CSV of one kind.</param>
/// <param name="Kind">The kind of a CSV; null for JSON.</param>
/// <param name="OnlyGood">Whether rows that are wrong may be left out.</param>
public sealed record ShelfImport(string Text, string? Kind = null, bool OnlyGood = false);

/// <summary>What an import would do.</summary>
/// <param name="Rows">Row by row.</param>
/// <param name="Added">How many would be new.</param>
/// <param name="Changed">How many would change what is there.</param>
/// <param name="Same">How many are there already.</param>
/// <param name="Bad">How many are wrong.</param>
public sealed record ImportPreview(IReadOnlyList<ImportRow> Rows, int Added, int Changed, int Same, int Bad);

/// <summary>A row of an import.</summary>
/// <param name="Row">Line of the CSV, or place in the list.</param>
/// <param name="Code">The item's code, where it could be read.</param>
/// <param name="Name">Its name, where it could be read.</param>
/// <param name="Does">What it would do.</param>
/// <param name="Problems">What is wrong, by column.</param>
public sealed record ImportRow(
    int Row,
    string? Code,
    string? Name,
    ImportDoes Does,
    IReadOnlyList<ShelfProblem> Problems
);

/// <summary>What a row of an import does.</summary>
public enum ImportDoes
{
    /// <summary>Adds an item.</summary>
    Add,

    /// <summary>Changes an item.</summary>
    Change,

    /// <summary>Nothing: the item is there as it is.</summary>
    Nothing,

    /// <summary>Nothing, since something is wrong.</summary>
    Wrong,
}

/// <summary>What an import did.</summary>
/// <param name="Batch">By which it can be undone; null where nothing was changed.</param>
/// <param name="Added">How many are new.</param>
/// <param name="Changed">How many were changed.</param>
/// <param name="LeftOut">How many were wrong, and left out.</param>
public sealed record ImportDone(Guid? Batch, int Added, int Changed, int LeftOut);

/// <summary>A reference table.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Title">What it holds, in a line.</param>
/// <param name="Trust">How far it can be trusted.</param>
/// <param name="UsedBy">The rules that read it.</param>
public sealed record TableSummary(string Name, Term Title, Trust Trust, IReadOnlyList<string> UsedBy);

/// <summary>A reference table with its rows.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Head">Where it is from, line by line.</param>
/// <param name="Trust">How far it can be trusted.</param>
/// <param name="UsedBy">The rules that read it.</param>
/// <param name="Columns">Names of the columns.</param>
/// <param name="Rows">The cells.</param>
public sealed record TableDocument(
    string Name,
    IReadOnlyList<string> Head,
    Trust Trust,
    IReadOnlyList<string> UsedBy,
    IReadOnlyList<string> Columns,
    IReadOnlyList<IReadOnlyList<string>> Rows
);
