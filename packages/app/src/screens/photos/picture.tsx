import { useState } from 'react';
import { Image, View, type ImageProps } from 'react-native';
import { T } from '../../ui/text';

interface Props extends Pick<ImageProps, 'alt' | 'resizeMode'> {
  /** Null: it is being read. */
  readonly uri: string | null;
  readonly className: string;
}

/** A photograph; out of reach one that was never seen here is at home, and that is said in its place. */
export function Picture({ uri, className, ...rest }: Props) {
  const [missing, setMissing] = useState<string | null>(null);
  if (uri === null) return <View className={`bg-slate ${className}`} />;
  if (missing === uri)
    return (
      <View className={`items-center justify-center border border-line bg-slate ${className}`}>
        <T kind="small" className="text-center">
          At home
        </T>
      </View>
    );
  return <Image source={{ uri }} accessibilityIgnoresInvertColors {...rest} onError={() => setMissing(uri)} className={className} />;
}
