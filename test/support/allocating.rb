# frozen_string_literal: true

# What one cut takes of a fabric by itself.
module Allocating
  refine OakenGauge::Fabrics::Fabric do
    def allocate(cut)
      allocate_all([cut]).fetch(cut)
    end
  end
end
