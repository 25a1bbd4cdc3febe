namespace Lacet.Exchange.Tests;

/// <summary>Any one of a few.</summary>
internal static class Picks
{
    internal static Gen<T> Pick<T>(params IReadOnlyList<T> from) => Gen.Int[0, from.Count - 1].Select(i => from[i]);
}
