namespace Lacet.Exchange.Import;

/// <summary>What a file may hold at most: far more than any wire list, far less than hurts.</summary>
public static class ImportLimits
{
    /// <summary>Largest file, bytes.</summary>
    public const int Bytes = 24 * 1024 * 1024;

    /// <summary>Largest workbook once it is unpacked, bytes.</summary>
    public const long Unpacked = 300L * 1024 * 1024;

    /// <summary>Most rows.</summary>
    public const int Rows = 50_000;

    /// <summary>Most columns.</summary>
    public const int Columns = 200;

    /// <summary>Longest cell, characters.</summary>
    public const int Cell = 500;
}
