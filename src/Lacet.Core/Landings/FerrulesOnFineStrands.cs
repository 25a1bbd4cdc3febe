namespace Lacet.Core.Landings;

/// <summary>Two schools: always, or only where the maker asks. What the landing itself says always wins.</summary>
public enum FerrulesOnFineStrands
{
    /// <summary>Wherever the landing allows one.</summary>
    Required,

    /// <summary>Only where the landing requires one.</summary>
    WhereTheMakerAsks,
}
