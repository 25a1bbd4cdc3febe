using System.Text;
using Lacet.Core.Records;

namespace Lacet.Core.Tests.Records;

/// <summary>The seal notices every change to what was recorded.</summary>
public sealed class SealTests
{
    private static List<SealedEvent> Chain(int length)
    {
        var chain = new List<SealedEvent>();
        var previous = Seal.Origin;
        for (var sequence = 1; sequence <= length; sequence++)
        {
            var bytes = Encoding.UTF8.GetBytes(
                $$"""{"sequence":{{sequence}},"previous":"{{previous}}","what":"event {{sequence}}"}"""
            );
            chain.Add(new SealedEvent(sequence, bytes, Seal.Of(bytes)));
            previous = chain[^1].Hash;
        }

        return chain;
    }

    [Theory]
    [InlineData(0, "Nothing is recorded yet.")]
    [InlineData(1, "The one event")]
    [InlineData(7, "All 7 events")]
    public void A_chain_as_it_was_received_is_whole(int length, string says)
    {
        var chain = Chain(length);
        var report = Seal.Verify(chain);
        Assert.True(report.IsWhole);
        Assert.Equal(length, report.Events);
        Assert.Equal(length == 0 ? Seal.Origin : chain[^1].Hash, report.Head);
        Assert.StartsWith(says, report.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void Changing_any_byte_of_any_event_is_noticed() =>
        Gen.Select(Gen.Int[0, 8], Gen.Int[0, 200], Gen.Byte[1, 255])
            .Sample(
                (at, offset, flip) =>
                {
                    var chain = Chain(9);
                    var bytes = chain[at].Bytes.ToArray();
                    bytes[offset % bytes.Length] ^= flip;
                    chain[at] = chain[at] with { Bytes = bytes };
                    Assert.Equal(at + 1, Seal.Verify(chain).BrokenAt);
                }
            );

    [Fact]
    public void A_change_with_its_hash_made_anew_breaks_the_next_link()
    {
        var chain = Chain(5);
        var bytes = Encoding.UTF8.GetBytes($$"""{"sequence":3,"previous":"{{chain[1].Hash}}","what":"forged"}""");
        chain[2] = new SealedEvent(3, bytes, Seal.Of(bytes));
        Assert.Equal(4, Seal.Verify(chain).BrokenAt);
    }

    [Fact]
    public void Leaving_out_or_swapping_events_is_noticed()
    {
        var missing = Chain(6);
        missing.RemoveAt(2);
        Assert.Equal("Event 3 is missing.", Seal.Verify(missing).Says);
        var swapped = Chain(6);
        (swapped[1], swapped[2]) = (swapped[2], swapped[1]);
        Assert.False(Seal.Verify(swapped).IsWhole);
    }

    /// <summary>FIPS 180-4's own example: SHA-256 of "abc".</summary>
    [Fact]
    public void The_hash_is_SHA_256() =>
        Assert.Equal("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad", Seal.Of("abc"u8));

    /// <summary>RFC 4231 test case 2: HMAC-SHA-256 under the key "Jefe".</summary>
    [Fact]
    public void A_digest_is_HMAC_SHA_256() =>
        Assert.Equal(
            "5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843",
            Seal.Digest("Jefe"u8, "what do ya want for nothing?")
        );

    [Fact]
    public void The_same_name_under_another_salt_has_another_digest() =>
        Assert.NotEqual(Seal.Digest("a"u8, "Ines Okafor"), Seal.Digest("b"u8, "Ines Okafor"));
}
