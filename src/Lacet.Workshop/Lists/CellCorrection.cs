using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>A cell that was put right.</summary>
public sealed record CellCorrection(int Row, ColumnMeaning Column, string Text);
